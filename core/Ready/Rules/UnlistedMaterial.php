<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Ready\Remedy;

/** Something that students are told to take, and that is not among the materials. */
final readonly class UnlistedMaterial implements LessonRule
{
    public function name(): string
    {
        return 'unlisted-material';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(LessonInspection $inspection): array
    {
        $listed = mb_strtolower(implode(' ', $inspection->lesson->materials));
        $findings = [];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            foreach ($inspection->reports[$slide->id]->summary->materials as $material => $step) {
                if (isset($findings[$material]) || str_contains($listed, $material)) {
                    continue;
                }
                $findings[$material] = Finding::ofStep(
                    $this->name(),
                    "The script asks for “{$material}”, which is not among the materials. Students see that list before they begin.",
                    $slide->id,
                    $step,
                )->mendedBy(Remedy::called("Add “{$material}” to the materials")->inLesson('materials/-', $material));
            }
        }

        return array_values($findings);
    }
}
