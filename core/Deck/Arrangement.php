<?php

declare(strict_types=1);

namespace Daybright\Deck;

/** What the teacher wants of the composition of a slide; “whole” leaves it to the composer. */
enum Arrangement: string
{
    case Whole = 'whole';
    case Halves = 'halves';
    case WideLeft = 'wide-left';
    case WideRight = 'wide-right';
    case Stacked = 'stacked';
    case Opening = 'opening';
    case Filled = 'filled';

    /** The left column's share of the width. */
    public function share(): float
    {
        return match ($this) {
            self::WideLeft => 0.6,
            self::WideRight => 0.4,
            default => 0.5,
        };
    }

    /** @return non-empty-list<string> */
    public function names(): array
    {
        return match ($this) {
            self::Whole, self::Opening, self::Filled => ['main'],
            self::Halves, self::WideLeft, self::WideRight => ['left', 'right'],
            self::Stacked => ['top', 'bottom'],
        };
    }
}
