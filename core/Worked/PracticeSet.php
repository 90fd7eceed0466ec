<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Figure\Figures;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;

/** Items of one kind at one level, none of them twice; the same seed makes the same set again. */
final readonly class PracticeSet
{
    private const MOST_TRIES = 40;

    /** @param  list<Variation>  $items */
    private function __construct(public array $items)
    {
    }

    /**
     * @param  string  $source “figure” or “worked”
     * @param  string  $name of the figure or of the method
     * @param  int  $level 1 to 3
     * @param  int  $count how many items; fewer come when the kind has no more to give
     *
     * @throws InvalidQuantities
     */
    public static function of(string $source, string $name, Fields $quantities, int $seed, int $level, int $count): self
    {
        $maker = $source === 'worked' ? Methods::draw($name, $quantities) : Figures::draw($name, $quantities);
        if (! $maker instanceof Method && ! $maker instanceof Varies) {
            throw InvalidQuantities::because('This figure has no question that could be asked with other numbers.', 'name');
        }
        $items = [];
        for ($try = 0; count($items) < $count && $try < self::MOST_TRIES; $try++) {
            $item = $maker->vary($seed + $try, $level);
            $items[$item->prompt] ??= $item;
        }

        return new self(array_values($items));
    }
}
