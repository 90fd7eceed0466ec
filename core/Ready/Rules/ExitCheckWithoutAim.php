<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\PartKind;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Ready\Remedy;

/** A question of the exit check that checks none of the aims. */
final readonly class ExitCheckWithoutAim implements LessonRule
{
    public function name(): string
    {
        return 'exit-check-without-aim';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $aims = $inspection->lesson->aims;
        $findings = [];
        foreach ($aims === [] ? [] : $inspection->lesson->mainSlides() as $slide) {
            if ($slide->part !== PartKind::ExitCheck || $slide->aims !== [] || ! $inspection->reports[$slide->id]->summary->asks) {
                continue;
            }
            $finding = Finding::ofSlide(
                $this->name(),
                'This question of the exit check serves no aim. Say in Arrange or in the Plan which aim it checks.',
                $slide->id,
            );
            $findings[] = count($aims) > 1 ? $finding : $finding->mendedBy(
                Remedy::called("It checks “{$aims[0]->text}”")->inSlide($slide->id, 'aims/-', $aims[0]->id),
            );
        }

        return $findings;
    }
}
