<?php

declare(strict_types=1);

namespace App\Recording;

use App\Models\Take;
use Daybright\Recording\Editing\Replacement;
use Daybright\Recording\Editing\Wording;
use Daybright\Recording\SampleRange;

/** What was edited in a take and holds in one that takes its place: cuts, what is typed for words, and what was kept. */
final class CarriedEdits
{
    /** @return array{cuts: list<array{from: int, to: int}>, wordings: list<array<string, mixed>>, kept: list<int>} */
    public static function into(Replacement $replacement, Take $earlier): array
    {
        $was = $earlier->recorded();

        return [
            'cuts' => array_map(static fn (SampleRange $cut): array => $cut->toArray(), $replacement->cuts($was->cuts)),
            'wordings' => array_map(static fn (Wording $each): array => $each->toArray(), $replacement->wordings($was->wordings)),
            'kept' => $replacement->moments($earlier->kept ?? []),
        ];
    }
}
