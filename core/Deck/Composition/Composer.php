<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Deck\PlacedBlock;
use Daybright\Scene\Box;
use Daybright\Scene\Typesetter;

/**
 * Chooses how the blocks of a slide stand to one another: sets each composition in the largest type that fits, and keeps the one that
 * uses the slide best. The same blocks always give the same slide.
 */
final readonly class Composer
{
    public const GAP = 30.0;

    public const GUTTER = 56.0;

    /** In slide units, the largest first. */
    private const SIZES = [
        100.0, 92.0, 84.0, 76.0, 70.0, 64.0, 60.0, 56.0, 53.0, 50.0, 47.0, 44.0, 41.0, 38.0, 36.0, 34.0, 32.0, 30.0,
        Typesetter::SMALLEST,
    ];

    /** How much better another composition must be than the one that the slide had, so that a small change does not turn it over. */
    private const CLEARLY = 0.1;

    /** How many compositions are judged with their figures drawn. */
    private const DRAWN = 3;

    /** The space between bands grows by no more than this. */
    private const LOOSER = 30.0;

    /** Room for the words below a picture. */
    private const CAPTION = 110.0;

    /** How many times higher than it needs a block may be that spreads out, and more where it is alone. */
    private const SPREAD = 1.6;

    private const SPREAD_ALONE = 2.1;

    /**
     * @param  non-empty-list<Item>  $items
     * @param  float  $type size of type against that of the wide page
     */
    public function __construct(private array $items, private Measures $measures, private Box $room, private float $type = 1)
    {
    }

    /**
     * @param  non-empty-list<Composition>  $candidates
     * @param  string  $before name of the composition that the slide had; empty for none
     */
    public function best(array $candidates, string $before): Composed
    {
        $wide = array_values(array_filter($candidates, $this->isWideEnough(...)));
        $found = [];
        foreach ($wide === [] ? [$candidates[0]] : $wide as $composition) {
            $near = end($found) === false ? null : end($found)->size;
            $found[] = $this->scored($this->compose($composition, $near), $before);
        }
        // Figures are costly to draw: only the likeliest compositions are judged by what is really seen of them.
        if ($this->hasRooms() && count($found) > 1) {
            usort($found, static fn (Composed $one, Composed $other): int => $other->score <=> $one->score);
            $found = array_map(
                fn (Composed $composed): Composed => $this->scored($this->drawn($composed), $before),
                array_slice($found, 0, self::DRAWN),
            );
        }

        return array_reduce(
            $found,
            static fn (?Composed $best, Composed $each): Composed => $best === null || $each->score > $best->score + 1e-9 ? $each : $best,
        ) ?? $found[0];
    }

    private function scored(Composed $composed, string $before): Composed
    {
        $kept = $composed->composition->name() === $before ? self::CLEARLY : 0.0;

        return $composed->scored(Score::of($composed, $this->items, $this->room) + $kept);
    }

    private function drawn(Composed $composed): Composed
    {
        return $composed->with(array_map(function (Place $place) use ($composed): Place {
            $item = $this->items[$place->item];

            return $item->room() === null
                ? $place
                : new Place($place->item, $place->room, PlacedBlock::set($item, $place->room, $composed->size, $this->measures)->box);
        }, $composed->places));
    }

    private function isWideEnough(Composition $composition): bool
    {
        foreach ($composition->bands as $band) {
            foreach ($band as $column) {
                foreach ($column->items as $item) {
                    // Laid out for the whole width of the page: beside something else nothing is made narrow that need not be.
                    $least = $this->items[$item]->room()?->least($this->room->width);
                    if (($least->width ?? 0.0) > $this->width($band, $column) + 0.01) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /** @param  float|null  $near size that is looked at first: another composition of the same blocks mostly has one close to it */
    private function compose(Composition $composition, ?float $near): Composed
    {
        $largest = max(Typesetter::SMALLEST, $this->largest($composition) * $this->type);
        $sizes = array_values(array_filter(self::SIZES, static fn (float $size): bool => $size <= $largest));
        // The first size that fits, by halving: larger type never needs less room.
        [$low, $high] = [0, count($sizes) - 1];
        $next = array_search($near, $sizes, true);
        while ($low < $high) {
            $tried = is_int($next) && $next >= $low && $next < $high ? $next : intdiv($low + $high, 2);
            $fits = $this->fits($composition, $sizes[$tried]);
            [$low, $high] = $fits ? [$low, $tried] : [$tried + 1, $high];
            $next = $tried === $next && $fits ? $tried - 1 : null;
        }

        return $this->place($composition, $sizes[$low]);
    }

    /** The largest type that the words deserve: the fewer they are, the larger. */
    private function largest(Composition $composition): float
    {
        $letters = array_sum(array_map(static fn (Item $item): int => $item->letters, $this->items));
        if (count($this->items) === 1 && $this->items[0]->standsAlone()) {
            return match (true) {
                $letters <= 70 => 100.0,
                $letters <= 130 => 92.0,
                $letters <= 220 => 70.0,
                default => 53.0,
            };
        }
        if (max(array_map(count(...), $composition->bands)) > 2 || $this->hasRooms()) {
            return 53.0;
        }
        if (count($this->items) === 1) {
            return match (true) {
                $letters <= 90 => 92.0,
                $letters <= 170 => 76.0,
                $letters <= 260 => 64.0,
                default => 53.0,
            };
        }

        return match (true) {
            $letters <= 80 => 76.0,
            $letters <= 170 => 64.0,
            $letters <= 260 => 60.0,
            default => 53.0,
        };
    }

    private function hasRooms(): bool
    {
        return array_filter($this->items, static fn (Item $item): bool => $item->room() !== null) !== [];
    }

    private function fits(Composition $composition, float $size): bool
    {
        $needed = array_sum($this->leastHeights($composition, $size)) + self::GAP * (count($composition->bands) - 1);

        return $needed <= $this->room->height + 0.5;
    }

    /** @return list<float> of the bands */
    private function leastHeights(Composition $composition, float $size): array
    {
        return array_map(
            fn (array $band): float => max(array_map(fn (Column $column): float => $this->leastHeight($band, $column, $size), $band)),
            $composition->bands,
        );
    }

    /** @param  non-empty-list<Column>  $band */
    private function leastHeight(array $band, Column $column, float $size): float
    {
        $width = $this->width($band, $column);

        return array_sum(array_map(fn (int $item): float => $this->measures->least($item, $width, $size), $column->items))
            + self::GAP * (count($column->items) - 1);
    }

    /** @param  non-empty-list<Column>  $band */
    private function width(array $band, Column $column): float
    {
        return ($this->room->width - self::GUTTER * (count($band) - 1)) * $column->share;
    }

    private function place(Composition $composition, float $size): Composed
    {
        $heights = $this->bandHeights($composition, $size);
        $spare = max(0.0, $this->room->height - array_sum($heights) - self::GAP * (count($heights) - 1));
        $looser = min(self::LOOSER, $spare / (count($heights) + 1));
        // A little above the middle is where the eye looks for it.
        $y = $this->room->y + max(0.0, $spare - $looser * (count($heights) - 1)) * 0.46;
        $places = $overfull = [];
        foreach ($composition->bands as $number => $band) {
            $x = $this->room->x;
            foreach ($band as $column) {
                $width = $this->width($band, $column);
                $box = new Box($x, $y, $width, $heights[$number]);
                foreach ($this->inColumn($column, $box, $size, count($band) > 1) as $place) {
                    if ($place->room->bottom() > $this->room->bottom() + 1) {
                        $overfull[] = $place->item;
                    } else {
                        $places[] = $place;
                    }
                }
                $x += $width + self::GUTTER;
            }
            $y += $heights[$number] + self::GAP + $looser;
        }

        return new Composed($composition, $size, $places, $overfull);
    }

    /** @return list<float> what is left goes to pictures and figures, or to what spreads out */
    private function bandHeights(Composition $composition, float $size): array
    {
        $heights = $this->leastHeights($composition, $size);
        $spare = $this->room->height - array_sum($heights) - self::GAP * (count($heights) - 1);
        if ($spare <= 0) {
            return $heights;
        }
        $growing = array_keys(array_filter($composition->bands, $this->holdsRoom(...)));
        foreach ($growing as $number) {
            $heights[$number] += $spare / count($growing);
        }
        $spreading = $growing === [] ? array_keys(array_filter($composition->bands, $this->spreads(...))) : [];
        foreach ($spreading as $number) {
            $heights[$number] += min($spare / count($spreading), $heights[$number] * ($this->spread() - 1));
        }

        return array_values($heights);
    }

    private function spread(): float
    {
        return count($this->items) === 1 ? self::SPREAD_ALONE : self::SPREAD;
    }

    /** @param  non-empty-list<Column>  $band */
    private function holdsRoom(array $band): bool
    {
        return array_filter($this->itemsOf($band), static fn (Item $item): bool => $item->room() !== null) !== [];
    }

    /** @param  non-empty-list<Column>  $band */
    private function spreads(array $band): bool
    {
        return array_filter($this->itemsOf($band), static fn (Item $item): bool => $item->spreadsOut()) !== [];
    }

    /**
     * @param  non-empty-list<Column>  $band
     * @return list<Item>
     */
    private function itemsOf(array $band): array
    {
        return array_map(
            fn (int $item): Item => $this->items[$item],
            array_merge(...array_map(static fn (Column $column): array => $column->items, $band)),
        );
    }

    /** @return list<Place> */
    private function inColumn(Column $column, Box $box, float $size, bool $beside): array
    {
        $heights = $this->heightsIn($column, $box, $size);
        $needed = array_sum($heights) + self::GAP * (count($heights) - 1);
        $spare = max(0.0, $box->height - $needed);
        $looser = min(self::LOOSER, $spare / (count($heights) + 1));
        // What stands beside something higher is centred on its height, and so is a picture that needs less than there is.
        $isCentred = $beside || $this->holdsRoom([$column]);
        $y = $box->y + ($isCentred ? ($spare - $looser * (count($heights) - 1)) / 2 : 0.0);
        $places = [];
        foreach ($column->items as $index => $item) {
            $room = new Box($box->x, $y, $box->width, $heights[$index]);
            $places[] = new Place($item, $room, $this->seen($item, $room, $size));
            $y += $heights[$index] + self::GAP + $looser;
        }

        return $places;
    }

    /** @return list<float> of the blocks of a column */
    private function heightsIn(Column $column, Box $box, float $size): array
    {
        $heights = array_map(fn (int $item): float => $this->measures->least($item, $box->width, $size), $column->items);
        $spare = $box->height - array_sum($heights) - self::GAP * (count($heights) - 1);
        $rooms = array_keys(array_filter($column->items, fn (int $item): bool => $this->items[$item]->room() !== null));
        $spreading = array_keys(array_filter($column->items, fn (int $item): bool => $this->items[$item]->spreadsOut()));
        foreach ($rooms as $index) {
            $shape = $this->items[$column->items[$index]]->room()?->shape($this->measures->context);
            // No higher than its shape needs, so that its words stand close to it.
            $most = $shape === null ? INF : $box->width / $shape + self::CAPTION;
            $heights[$index] = max($heights[$index], min($most, $heights[$index] + max(0.0, $spare) / count($rooms)));
        }
        foreach ($rooms === [] ? $spreading : [] as $index) {
            $most = $this->items[$column->items[$index]]->standsInRow() ? INF : $heights[$index] * ($this->spread() - 1);
            $heights[$index] += min($most, max(0.0, $spare) / count($spreading));
        }

        return array_values($heights);
    }

    private function seen(int $item, Box $room, float $size): Box
    {
        $takesRoom = $this->items[$item]->room();
        if ($takesRoom === null) {
            return $this->measures->seen(
                $item,
                $room->width,
                $this->items[$item]->spreadsOut() ? $room->height : null,
                $size,
            )->moved($room->x, $room->y);
        }
        $shape = $takesRoom->shape($this->measures->context);

        return $shape === null ? $room : $room->fitted($shape, 1);
    }
}
