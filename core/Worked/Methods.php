<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use Daybright\Worked\Methods\GuessAndCheck;
use Daybright\Worked\Methods\MissingEdge;
use Daybright\Worked\Methods\ShareForms;
use Daybright\Worked\Methods\Substitution;
use Daybright\Worked\Methods\TwoEquations;
use Daybright\Worked\Methods\UnitChange;

/** The kinds of worked example: one line each. */
final class Methods
{
    /** @var list<class-string<Method>> */
    private const KINDS = [
        Substitution::class,
        UnitChange::class,
        ShareForms::class,
        TwoEquations::class,
        GuessAndCheck::class,
        MissingEdge::class,
    ];

    /** @return list<class-string<Method>> */
    public static function all(): array
    {
        return self::KINDS;
    }

    /** @throws InvalidQuantities */
    public static function draw(string $name, Fields $quantities): Method
    {
        foreach (self::KINDS as $method) {
            if ($method::name() === $name) {
                return $method::from($quantities);
            }
        }
        throw InvalidQuantities::because(
            "There is no worked example called “{$name}”. Choose one of: ".implode(
                ', ',
                array_map(static fn (string $each): string => $each::name(), self::KINDS),
            ).'.',
            'method',
        );
    }
}
