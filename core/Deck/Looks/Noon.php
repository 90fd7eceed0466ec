<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;
use Daybright\Scene\Box;
use Daybright\Scene\CardStyle;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** White light and hard edges: the strongest contrast, for a bright room. */
final class Noon extends Look
{
    public static function name(): string
    {
        return 'noon';
    }

    public static function label(): string
    {
        return 'Noon';
    }

    public static function sentence(): string
    {
        return 'White and hard-edged, for a bright room.';
    }

    public function colours(): LookColours
    {
        return new LookColours(ground: '#FFFFFF', ink: '#0E1418', quiet: '#45525A', card: '#F6F7F7', hair: '#C3CACE');
    }

    public function cards(): CardStyle
    {
        return new CardStyle(corner: 6, line: 3);
    }

    public function titleSize(): float
    {
        return 68;
    }

    protected function land(string $strong, string $tint): array
    {
        return [Shape::rectangle(new Box(0, 868, Scene::WIDTH, 32), Paint::filled($tint))];
    }
}
