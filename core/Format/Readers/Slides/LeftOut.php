<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** Counts what of a slide could not be taken. */
final class LeftOut
{
    public const LINE = 'a line';

    public const SHAPE = 'a drawn shape';

    /** What is drawn, and can be kept by keeping the slide as it looked. */
    public const DRAWN = [self::LINE, self::SHAPE];

    /** @var array<string, int> by what it is, such as “a line” */
    private array $counts = [];

    public function add(string $what): void
    {
        $this->counts[$what] = ($this->counts[$what] ?? 0) + 1;
    }

    /** @param  list<string>  $kinds */
    public function count(array $kinds): int
    {
        return array_sum(array_intersect_key($this->counts, array_flip($kinds)));
    }

    /** @return list<string> each once, with its number where there are several */
    public function told(): array
    {
        $told = [];
        foreach ($this->counts as $what => $count) {
            $told[] = $count === 1 ? $what : "{$count} × {$what}";
        }

        return $told;
    }
}
