<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;

/** Items of one kind at three levels, none of them twice; the same seed makes the same set again. */
final class PracticeSet
{
    public const LEVELS = [1, 2, 3];

    private const MOST_ITEMS = 6;

    private const MOST_TRIES = 40;

    /** @var array<int, list<Variation>> by level, those that have been made */
    private array $items = [];

    /** @param  int  $count how many items a level has */
    private function __construct(
        public readonly string $label,
        public readonly int $seed,
        public readonly int $count,
        private readonly Method|Varies $maker,
    ) {
    }

    /**
     * @param  Fields  $content source (“figure” or “worked”), maker (its name), quantities, seed, count
     *
     * @throws InvalidQuantities
     */
    public static function from(Fields $content): self
    {
        $name = $content->text('maker', '');
        $quantities = $content->fields('quantities');
        $maker = $content->text('source', 'figure') === 'worked' ? Methods::draw($name, $quantities) : Figures::draw($name, $quantities);
        if (! $maker instanceof Method && ! $maker instanceof Varies) {
            throw InvalidQuantities::because('This figure has no question that could be asked with other numbers.', 'name');
        }
        $label = $maker instanceof Method ? $maker::label() : $maker::entry()->label;

        return new self($label, $content->whole('seed', 1), max(1, min(self::MOST_ITEMS, $content->whole('count', 3))), $maker);
    }

    /**
     * Made once: some kinds try many numbers before they come out well.
     *
     * @param  int  $level 1 to 3
     * @return list<Variation> as many as the set's count; fewer when the kind has no more to give
     */
    public function items(int $level): array
    {
        return $this->items[$level] ??= $this->made($level);
    }

    /** What is printed beside an item, to be finished by hand; null where its figure would give the answer away, or it has none. */
    public function figure(Variation $item): ?Figure
    {
        try {
            return $this->maker instanceof PrintedWithItem ? $this->maker::from(new Fields($item->quantities)) : null;
        } catch (InvalidQuantities) {
            return null;
        }
    }

    /** @return list<Variation> */
    private function made(int $level): array
    {
        $items = [];
        for ($try = 0; count($items) < $this->count && $try < self::MOST_TRIES; $try++) {
            $item = $this->maker->vary(self::seedOf($this->seed, $level, $try), $level);
            $items[$item->prompt] ??= $item;
        }

        return array_values($items);
    }

    /** Scattered, so that a set and the one after it have nothing in common. */
    private static function seedOf(int $seed, int $level, int $try): int
    {
        return (int) hexdec(substr(hash('sha256', "{$seed}/{$level}/{$try}"), 0, 12));
    }
}
