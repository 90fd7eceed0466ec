<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A shape as it is offered: its line, and its strip. */
final class ShapeView
{
    /**
     * @param  class-string<Shape>  $shape
     * @return array<string, mixed>
     */
    public static function show(string $shape): array
    {
        $slides = $shape::slides();

        return [
            'name' => $shape::name(),
            'label' => $shape::label(),
            'sentence' => $shape::sentence(),
            'strip' => array_map(static fn (PartKind $part): array => [
                'id' => $part->value,
                'kind' => $part->value,
                'slides' => array_map(
                    static fn (ShapeSlide $slide, int $number): array => [
                        'id' => "{$part->value}-{$number}",
                        'title' => $slide->title,
                        'side' => false,
                        'planned' => $slide->seconds,
                        'work' => 0,
                        'recorded' => null,
                    ],
                    $own = array_values(array_filter($slides, static fn (ShapeSlide $slide): bool => $slide->part === $part)),
                    array_keys($own),
                ),
            ], PartKind::cases()),
        ];
    }
}
