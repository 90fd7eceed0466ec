<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** Counts what of a slide could not be taken. */
final class LeftOut
{
    /** @var array<string, int> by what it is, such as “a line” */
    private array $counts = [];

    public function add(string $what): void
    {
        $this->counts[$what] = ($this->counts[$what] ?? 0) + 1;
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
