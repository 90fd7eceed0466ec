<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** The evening sky: light words on a dark ground. */
final class Dusk extends Look
{
    public static function name(): string
    {
        return 'dusk';
    }

    public static function label(): string
    {
        return 'Dusk';
    }

    public static function sentence(): string
    {
        return 'Light words on the evening sky.';
    }

    public function colours(): LookColours
    {
        return new LookColours(
            ground: '#14203A',
            ink: '#F4F1EA',
            quiet: '#BAC5D8',
            card: '#1E2D50',
            hair: '#3A4C76',
            strongs: [
                'opening' => '#F4A994',
                'aims' => '#F0C873',
                'explain' => '#93D3E8',
                'example' => '#EBDA76',
                'your-turn' => '#A9E3A0',
                'recap' => '#E9B3DF',
                'exit-check' => '#BDBFF8',
                'afterwards' => '#AFCBE1',
            ],
            dark: true,
        );
    }

    protected function land(string $strong, string $tint): array
    {
        $stars = array_map(
            static fn (int $number): Shape => Shape::circle(
                40 + ($number * 421) % 1520,
                14 + ($number * 37) % 44,
                1.5 + $number % 2,
                Paint::filled('#5A6C96'),
            ),
            range(1, 14),
        );

        return [...$stars, Shape::rectangle(new Box(0, 862, Scene::WIDTH, 38), Paint::filled('#0F182D'))];
    }
}
