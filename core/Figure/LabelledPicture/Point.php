<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;

/** A named place on a picture. */
final readonly class Point
{
    /**
     * @param  float  $x and $y: from 0 to 1, from the left and from the top of the picture
     * @param  string  $slide id of the slide it leads to; empty for none
     * @param  'left'|'right'|null  $side the margin in which its name is to stand, if it can without lines that cross
     * @param  float|null  $height from 0 to 1, from the top of that margin: about where its name is to stand
     */
    private function __construct(
        public string $name,
        public float $x,
        public float $y,
        public string $slide,
        public ?string $side,
        public ?float $height,
    ) {
    }

    /**
     * @return list<self>
     *
     * @throws InvalidQuantities
     */
    public static function listOf(Reading $reading, string $field, int $most): array
    {
        $points = [];
        foreach ($reading->items($field) as $number => $item) {
            $name = (new Reading($item))->name('name', '', 40);
            if ($name === '') {
                throw InvalidQuantities::because('Point '.($number + 1).' has no name yet. Type what it shows.', $field);
            }
            [$x, $y] = [$item->raw()['x'] ?? null, $item->raw()['y'] ?? null];
            if (! is_numeric($x) || ! is_numeric($y) || $x < 0 || $x > 1 || $y < 0 || $y > 1) {
                throw InvalidQuantities::because("“{$name}” does not lie on the picture. Drag it onto it.", $field);
            }
            $slide = $item->raw()['slide'] ?? '';
            $side = $item->raw()['side'] ?? null;
            $height = $item->raw()['height'] ?? null;
            $side = $side === 'left' || $side === 'right' ? $side : null;
            $points[] = new self(
                $name,
                (float) $x,
                (float) $y,
                is_string($slide) ? $slide : '',
                $side,
                $side !== null && is_numeric($height) ? max(0.0, min(1.0, (float) $height)) : null,
            );
        }
        if (count($points) > $most) {
            throw InvalidQuantities::because(
                'There are '.count($points)." points: at most {$most} can be told apart. Take some away.",
                $field,
            );
        }
        $names = array_map(static fn (self $point): string => mb_strtolower($point->name), $points);
        if (count(array_unique($names)) < count($names)) {
            throw InvalidQuantities::because('Two points have the same name. Give each its own.', $field);
        }

        return $points;
    }
}
