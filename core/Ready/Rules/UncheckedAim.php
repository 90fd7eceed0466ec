<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** An aim that no question checks. */
final readonly class UncheckedAim implements LessonRule
{
    public function name(): string
    {
        return 'unchecked-aim';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $checked = [];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            array_push($checked, ...($inspection->reports[$slide->id]->summary->asks ? $slide->aims : []));
        }
        $findings = [];
        foreach ($inspection->lesson->aims as $aim) {
            if (trim($aim->text) !== '' && ! in_array($aim->id, $checked, true)) {
                $findings[] = Finding::ofLesson(
                    $this->name(),
                    "No question checks the aim “{$aim->text}”. Ask one, and mark in the Plan that its slide serves this aim.",
                );
            }
        }

        return $findings;
    }
}
