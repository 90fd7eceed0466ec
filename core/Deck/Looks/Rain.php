<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;
use Daybright\Scene\CardStyle;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** Green after a shower, and thin strokes along the ground. */
final class Rain extends Look
{
    public static function name(): string
    {
        return 'rain';
    }

    public static function label(): string
    {
        return 'Rain';
    }

    public static function sentence(): string
    {
        return 'Green after a shower, cards with an edge.';
    }

    public function colours(): LookColours
    {
        return new LookColours(ground: '#EEF4F0', ink: '#18302B', quiet: '#48605A', card: '#FBFDFB', hair: '#C4D5CC');
    }

    public function cards(): CardStyle
    {
        return new CardStyle(corner: 14, line: 2, edged: true);
    }

    protected function land(string $strong, string $tint): array
    {
        $strokes = [];
        for ($x = 20; $x < Scene::WIDTH; $x += 46) {
            $top = 862 + ($x * 7) % 14;
            $strokes[] = Shape::polyline([[$x, $top], [$x - 6, $top + 20]], Paint::outlined('#C4D5CC', 3));
        }

        return $strokes;
    }
}
