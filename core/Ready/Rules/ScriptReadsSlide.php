<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Language\WordCount;
use Daybright\Lesson\PartKind;
use Daybright\Lesson\Step;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/**
 * A script that reads the slide aloud: reading and hearing the same words is harder than either (the redundancy principle of
 * R. E. Mayer, Multimedia Learning; from memory). Aims may be read out.
 */
final readonly class ScriptReadsSlide implements SlideRule
{
    /** Fewer different words are a headline, and may be said. */
    private const LEAST = 12;

    private const COMMON = 0.85;

    public function name(): string
    {
        return 'script-reads-slide';
    }

    public function cost(): Cost
    {
        return Cost::Tires;
    }

    public function check(SlideInspection $inspection): array
    {
        $slide = $inspection->slide;
        if ($slide->part === PartKind::Aims) {
            return [];
        }
        $seen = [];
        foreach ($inspection->scene->groups as $group) {
            $seen = [...$seen, ...($group->block === '' ? [] : WordCount::telling($group->written()))];
        }
        $seen = array_unique($seen);
        $said = WordCount::telling(implode(' ', array_map(static fn (Step $step): string => $step->script, $slide->steps)));
        $share = count(array_intersect($seen, $said)) / max(1, count($seen));

        return count($seen) < self::LEAST || $share < self::COMMON ? [] : [Finding::ofSlide(
            $this->name(),
            'The script reads this slide aloud. Show less of it, or say it in other words: both at once are harder to follow.',
            $slide->id,
        )];
    }
}
