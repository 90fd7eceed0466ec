<?php

declare(strict_types=1);

namespace Daybright\Deck\Looks;

use Daybright\Deck\Look;
use Daybright\Deck\LookColours;

/** Morning paper, clear and still. */
final class Dew extends Look
{
    public static function name(): string
    {
        return 'dew';
    }

    public static function label(): string
    {
        return 'Dew';
    }

    public static function sentence(): string
    {
        return 'Clear morning paper.';
    }

    public function colours(): LookColours
    {
        return new LookColours(ground: '#FBFAF6', ink: '#1F2D36', quiet: '#55626A', card: '#FFFFFF', hair: '#D8D4C8');
    }
}
