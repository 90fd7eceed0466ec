<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Deck\Format;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;

/** How the blocks of a slide stand, once one of its compositions has been chosen. */
final readonly class ComposedSlide
{
    /** An overfull slide is shrunk by this, again and again, and at most to this share. */
    private const SMALLER = 0.85;

    private const SMALLEST = 0.3;

    /**
     * @param  string  $name of the composition
     * @param  float  $size of running text, in slide units
     * @param  float  $zoom by which all of it is made smaller, so that it fits
     * @param  list<array{int, Box}>  $rooms numbers of the blocks that are shown, each with its room before it is made smaller
     * @param  list<int>  $overfull numbers of the blocks that do not fit in legible type
     */
    private function __construct(
        public string $name,
        public float $size,
        public float $zoom,
        public array $rooms,
        public array $overfull,
    ) {
    }

    /**
     * @param  non-empty-list<Item>  $items
     * @param  non-empty-list<Composition>  $candidates
     * @param  string  $before name of the composition that the slide had; empty for none
     */
    public static function compose(array $items, Measures $measures, array $candidates, Box $room, string $before, Format $format): self
    {
        $compose = static fn (Box $room): Composed => (new Composer($items, $measures, $room, $format->type()))->best($candidates, $before);
        // A wide page has another arrangement to choose for what needs more width; a tall one has not.
        $tooWide = static fn (Box $room): array => $format->hasColumns() ? [] : self::tooWide($items, $room);
        $composed = $compose($room);
        $overfull = array_values(array_unique([...$composed->overfull, ...$tooWide($room)]));
        $zoom = 1.0;
        $enlarged = $room;
        // What does not fit in legible type is shown smaller all the same, so that it can be shortened where it stands.
        while (($composed->overfull !== [] || $tooWide($enlarged) !== []) && $zoom > self::SMALLEST) {
            $zoom *= self::SMALLER;
            $enlarged = $room->enlarged(1 / $zoom);
            $composed = $compose($enlarged);
        }
        $rooms = array_map(static fn (Place $place): array => [$place->item, $place->room], $composed->places);

        return new self($composed->composition->name(), $composed->size, $zoom, $rooms, $overfull);
    }

    /**
     * @param  list<Item>  $items
     * @return list<int> numbers of those that need more width than the whole room has
     */
    private static function tooWide(array $items, Box $room): array
    {
        return array_keys(array_filter(
            $items,
            static fn (Item $item): bool => ($item->room()?->least($room->width)->width ?? 0.0) > $room->width + 0.01,
        ));
    }

    public static function read(Fields $kept): self
    {
        return new self(
            $kept->text('name'),
            $kept->number('size'),
            $kept->number('zoom'),
            array_map(static fn (Fields $room): array => [
                $room->whole('item'),
                new Box($room->number('x'), $room->number('y'), $room->number('width'), $room->number('height')),
            ], $kept->list('rooms')),
            array_map(static fn (Fields $item): int => $item->whole('item'), $kept->list('overfull')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'size' => $this->size,
            'zoom' => $this->zoom,
            'rooms' => array_map(static fn (array $room): array => ['item' => $room[0]] + get_object_vars($room[1]), $this->rooms),
            'overfull' => array_map(static fn (int $item): array => ['item' => $item], $this->overfull),
        ];
    }
}
