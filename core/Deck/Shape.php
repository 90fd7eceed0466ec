<?php

declare(strict_types=1);

namespace Daybright\Deck;

/** A beginning for a lesson: a few slides in their parts, with blocks to fill. */
interface Shape
{
    /** In addresses, such as “explain-and-try”. */
    public static function name(): string;

    public static function label(): string;

    /** What it is good for, in one line. */
    public static function sentence(): string;

    /** @return list<ShapeSlide> in their order */
    public static function slides(): array;
}
