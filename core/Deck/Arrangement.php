<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;

/** Where the regions of a slide lie. */
enum Arrangement: string
{
    case Whole = 'whole';
    case Halves = 'halves';
    case WideLeft = 'wide-left';
    case WideRight = 'wide-right';
    case Stacked = 'stacked';
    case Opening = 'opening';

    private const GAP = 48.0;

    /** @return array<string, Box> region => box, given the box under the title */
    public function regions(Box $bounds): array
    {
        return match ($this) {
            self::Whole => ['main' => $bounds],
            self::Halves => self::columns($bounds, 0.5),
            self::WideLeft => self::columns($bounds, 0.6),
            self::WideRight => self::columns($bounds, 0.4),
            self::Stacked => self::rows($bounds),
            self::Opening => ['main' => new Box($bounds->x + $bounds->width * 0.1, $bounds->y, $bounds->width * 0.8, $bounds->height)],
        };
    }

    /** @return non-empty-list<string> */
    public function names(): array
    {
        return match ($this) {
            self::Whole, self::Opening => ['main'],
            self::Halves, self::WideLeft, self::WideRight => ['left', 'right'],
            self::Stacked => ['top', 'bottom'],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Whole => 'One area',
            self::Halves => 'Two halves',
            self::WideLeft => 'Wide left',
            self::WideRight => 'Wide right',
            self::Stacked => 'One above the other',
            self::Opening => 'Centred',
        };
    }

    public function isCentred(): bool
    {
        return $this === self::Opening;
    }

    /** @return array<string, Box> */
    private static function columns(Box $bounds, float $share): array
    {
        $left = ($bounds->width - self::GAP) * $share;

        return [
            'left' => new Box($bounds->x, $bounds->y, $left, $bounds->height),
            'right' => new Box($bounds->x + $left + self::GAP, $bounds->y, $bounds->width - self::GAP - $left, $bounds->height),
        ];
    }

    /** @return array<string, Box> */
    private static function rows(Box $bounds): array
    {
        $height = ($bounds->height - self::GAP) / 2;

        return [
            'top' => new Box($bounds->x, $bounds->y, $bounds->width, $height),
            'bottom' => new Box($bounds->x, $bounds->y + $height + self::GAP, $bounds->width, $height),
        ];
    }
}
