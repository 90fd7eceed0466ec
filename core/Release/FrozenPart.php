<?php

declare(strict_types=1);

namespace Daybright\Release;

/** A part of a shared lesson: its slides, one after the other. */
final readonly class FrozenPart
{
    /**
     * @param  string  $kind such as “explain”
     * @param  float  $from and $to in milliseconds of narration, half-open; the last one goes to INF
     * @param  list<string>  $slides
     */
    public function __construct(public string $kind, public float $from, public float $to, public array $slides)
    {
    }

    /** @return list<self> in order, without gaps; one of no kind for a lesson without slides */
    public static function of(LessonOutline $lesson): array
    {
        $parts = [];
        foreach ($lesson->chapters as $chapter) {
            $last = array_pop($parts);
            if ($last !== null && $last->kind === $chapter->part) {
                $parts[] = new self($last->kind, $last->from, INF, [...$last->slides, $chapter->slide]);

                continue;
            }
            if ($last !== null) {
                $parts[] = new self($last->kind, $last->from, $chapter->at, $last->slides);
            }
            $parts[] = new self($chapter->part, $last === null ? 0.0 : $chapter->at, INF, [$chapter->slide]);
        }

        return $parts === [] ? [new self('', 0.0, INF, [])] : $parts;
    }

    public function has(FrozenPause $pause): bool
    {
        return in_array($pause->slide, $this->slides, true);
    }
}
