<?php

declare(strict_types=1);

namespace Daybright\Scene;

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
    public function regions(Box $room): array
    {
        return match ($this) {
            self::Whole => ['main' => $room],
            self::Halves => self::columns($room, 0.5),
            self::WideLeft => self::columns($room, 0.6),
            self::WideRight => self::columns($room, 0.4),
            self::Stacked => self::rows($room),
            self::Opening => ['main' => new Box($room->x + $room->width * 0.1, $room->y, $room->width * 0.8, $room->height)],
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
    private static function columns(Box $room, float $share): array
    {
        $left = ($room->width - self::GAP) * $share;

        return [
            'left' => new Box($room->x, $room->y, $left, $room->height),
            'right' => new Box($room->x + $left + self::GAP, $room->y, $room->width - self::GAP - $left, $room->height),
        ];
    }

    /** @return array<string, Box> */
    private static function rows(Box $room): array
    {
        $height = ($room->height - self::GAP) / 2;

        return [
            'top' => new Box($room->x, $room->y, $room->width, $height),
            'bottom' => new Box($room->x, $room->y + $height + self::GAP, $room->width, $height),
        ];
    }
}
