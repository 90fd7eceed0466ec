<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** Warm paper, and a glow along the ground. */
final class Ember extends Look
{
    public static function name(): string
    {
        return 'ember';
    }

    public static function label(): string
    {
        return 'Ember';
    }

    public static function sentence(): string
    {
        return 'Warm paper with a glow along the ground.';
    }

    public function colours(): LookColours
    {
        return new LookColours(ground: '#FFF6EA', ink: '#35201A', quiet: '#74503F', card: '#FFFFFF', hair: '#F0D6B8');
    }

    protected function land(string $strong, string $tint): array
    {
        return [
            Shape::rectangle(new Box(0, 858, Scene::WIDTH, 42), Paint::filled('#FCE6CB')),
            Shape::rectangle(new Box(0, 880, Scene::WIDTH, 20), Paint::filled('#F8D3A8')),
        ];
    }
}
