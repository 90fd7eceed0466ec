<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

/** Where the blocks of a slide stand to one another: bands one under another, and in each band columns side by side. */
final readonly class Composition
{
    /** @param  non-empty-list<non-empty-list<Column>>  $bands */
    public function __construct(public array $bands)
    {
    }

    /** @param  non-empty-list<int>  $items */
    public static function stack(array $items): self
    {
        return new self([[new Column($items)]]);
    }

    /** Such as “0|1 2@40” for the first block beside the other two, which take forty hundredths of the width. */
    public function name(): string
    {
        $bands = [];
        foreach ($this->bands as $band) {
            $bands[] = implode('|', array_map(
                static fn (Column $column): string => implode(' ', $column->items).'@'.round($column->share * 100),
                $band,
            ));
        }

        return implode('/', $bands);
    }
}
