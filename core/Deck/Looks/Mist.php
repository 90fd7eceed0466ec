<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;
use Daybright\Scene\CardStyle;
use Daybright\Scene\Paint;
use Daybright\Scene\Shape;

/** Cool air, hills that fade into one another. */
final class Mist extends Look
{
    public static function name(): string
    {
        return 'mist';
    }

    public static function label(): string
    {
        return 'Mist';
    }

    public static function sentence(): string
    {
        return 'Cool air and round cards.';
    }

    public function colours(): LookColours
    {
        return new LookColours(ground: '#F2F5F7', ink: '#20303B', quiet: '#51606B', card: '#FFFFFF', hair: '#CFD9E0');
    }

    public function cards(): CardStyle
    {
        return new CardStyle(corner: 40, line: 0);
    }

    protected function land(string $strong, string $tint): array
    {
        return [
            Shape::polygon(self::hill(862, 8, 0.5), Paint::filled('#E4EBF0')),
            Shape::polygon(self::hill(880, 7, 2.1), Paint::filled('#D3DEE6')),
        ];
    }
}
