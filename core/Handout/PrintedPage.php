<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Scene\Group;
use Daybright\Scene\Scene;

/** A page as it is drawn, and as it is read out. */
final readonly class PrintedPage
{
    /** @param  list<string>  $words what stands on it, one row after the other */
    private function __construct(public string $svg, public array $words)
    {
    }

    public static function of(Scene $page, string $svg): self
    {
        // The first group is the sheet itself, with the title and the number of the page.
        $words = array_map(static fn (Group $group): string => $group->written(), array_slice($page->groups, 1));

        return new self($svg, array_values(array_filter($words, static fn (string $written): bool => $written !== '')));
    }
}
