<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** A practice set on the handout from which no questions can be made. */
final readonly class UnfinishedPracticeSet implements LessonRule
{
    public function name(): string
    {
        return 'unfinished-practice';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->practiceTroubles as $number => $trouble) {
            $title = $inspection->lesson->handout[$number]->text('title', '') ?: 'Practice set '.($number + 1);
            $findings[] = Finding::ofLesson(
                $this->name(),
                "“{$title}” on the handout is left out: {$trouble} Take it off in Share and put it on again from its figure.",
            );
        }

        return $findings;
    }
}
