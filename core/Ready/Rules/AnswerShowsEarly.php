<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\Remedy;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;
use Daybright\Scene\Scene;

/** An answer that can be seen or heard at or before the step of its question. */
final readonly class AnswerShowsEarly implements SlideRule
{
    public function name(): string
    {
        return 'answer-shows-early';
    }

    public function cost(): Cost
    {
        return Cost::Misleads;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            $question = Blocks::questionOf($block);
            if ($question !== null) {
                array_push($findings, ...$this->question($inspection->slide, $block, $question, $inspection->scene));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function question(Slide $slide, Block $block, Question $question, Scene $scene): array
    {
        $asked = $slide->stepNumber($block->step);
        $piece = Blocks::answerPiece(Blocks::read($block));
        if ($piece !== null && $slide->stepNumber($block->stepOf($piece)) <= $asked) {
            $step = self::freeStep($slide, $block);

            return [Finding::ofBlock(
                $this->name(),
                'The answer appears together with its question. Give the answer a later step.',
                $slide->id,
                $block->id,
            )->mendedBy(
                Remedy::called('Give the answer a step of its own')
                    ->inSlide($slide->id, 'steps/-', ['id' => $step, 'script' => '', 'pause' => 0])
                    ->inBlock($slide->id, $block->id, "reveals/{$piece}", $step),
            )];
        }
        $answer = self::folded($question->answer());
        if (! self::isTelling($answer)) {
            return [];
        }
        foreach ($scene->groups as $group) {
            if ($group->block !== $block->id && $group->stepNumber <= $asked && self::holds(self::folded($group->written()), $answer)) {
                return [Finding::ofBlock(
                    $this->name(),
                    "The answer “{$answer}” can be read on the slide before the question is tried. Let it appear at a later step.",
                    $slide->id,
                    $block->id,
                )];
            }
        }
        foreach (array_slice($slide->steps, 0, $asked + 1) as $step) {
            if (self::holds(self::folded($step->script), $answer)) {
                return [Finding::ofStep(
                    $this->name(),
                    "The script says the answer “{$answer}” before the question is tried.",
                    $slide->id,
                    $step->id,
                )];
            }
        }

        return [];
    }

    /** A name that no step of the slide has. */
    private static function freeStep(Slide $slide, Block $block): string
    {
        $tries = 0;
        do {
            $step = 'step-'.substr(hash('sha256', $slide->id.$block->id.$tries++), 0, 12);
        } while ($slide->hasStep($step));

        return $step;
    }

    /** A bare digit turns up anywhere; it gives nothing away. */
    private static function isTelling(string $answer): bool
    {
        return mb_strlen($answer) >= 3;
    }

    private static function holds(string $text, string $answer): bool
    {
        return preg_match('/(?<![\p{L}\p{N}.])'.preg_quote($answer, '/').'(?![\p{L}\p{N}]|\.\d)/u', $text) === 1;
    }

    private static function folded(string $text): string
    {
        return trim(mb_strtolower((string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', $text)), ' .');
    }
}
