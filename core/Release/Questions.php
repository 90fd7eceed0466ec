<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Block\Blocks;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Question\Question;

/** The questions of a lesson, as its students are asked. */
final class Questions
{
    /** @return array<string, Question> in plain words, by block id, of the whole lesson */
    public static function in(Lesson $lesson): array
    {
        $questions = [];
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $question = Blocks::questionInWords($slide, $block);
                if ($question !== null) {
                    $questions[$block->id] = $question;
                }
            }
        }

        return $questions;
    }

    /** @return list<string> block ids of the exit check's questions */
    public static function inExitCheck(Lesson $lesson): array
    {
        $blocks = [];
        foreach ($lesson->mainSlides() as $slide) {
            foreach ($slide->part === PartKind::ExitCheck ? $slide->blocks : [] as $block) {
                if (Blocks::questionOf($block) !== null) {
                    $blocks[] = $block->id;
                }
            }
        }

        return $blocks;
    }
}
