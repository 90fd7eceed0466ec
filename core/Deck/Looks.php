<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Deck\Looks\Dew;
use Daybright\Deck\Looks\Dusk;
use Daybright\Deck\Looks\Ember;
use Daybright\Deck\Looks\Mist;
use Daybright\Deck\Looks\Noon;
use Daybright\Deck\Looks\Rain;

/** The looks that a lesson can have: one line each. */
final class Looks
{
    /** @var non-empty-list<class-string<Look>> the first is that of a lesson which names none */
    public const CATALOGUE = [
        Dew::class,
        Ember::class,
        Mist::class,
        Rain::class,
        Noon::class,
        Dusk::class,
    ];

    public static function called(string $name): Look
    {
        foreach (self::CATALOGUE as $look) {
            if ($look::name() === $name) {
                return new $look;
            }
        }

        return new (self::CATALOGUE[0]);
    }

    /** @return non-empty-list<string> */
    public static function names(): array
    {
        return array_map(static fn (string $look): string => $look::name(), self::CATALOGUE);
    }
}
