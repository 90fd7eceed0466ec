<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** Two slides that say the same. */
final readonly class RepeatedSlide implements LessonRule
{
    /** Fewer different words turn up again by chance. */
    private const LEAST = 8;

    private const COMMON = 0.85;

    public function name(): string
    {
        return 'repeated-slide';
    }

    public function cost(): Cost
    {
        return Cost::Polish;
    }

    public function check(LessonInspection $inspection): array
    {
        $findings = [];
        $before = [];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            $words = $inspection->reports[$slide->id]->summary->words;
            foreach (count($words) < self::LEAST ? [] : $before as [$title, $others]) {
                $common = count(array_intersect($words, $others));
                if ($common >= self::COMMON * (count($words) + count($others) - $common)) {
                    $findings[] = Finding::ofSlide(
                        $this->name(),
                        "This slide says the same as “{$title}”. Change one of them, or take it away.",
                        $slide->id,
                    );
                    break;
                }
            }
            $before[] = [$slide->title === '' ? 'the slide without a title' : $slide->title, $words];
        }

        return $findings;
    }
}
