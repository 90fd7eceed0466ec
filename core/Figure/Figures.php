<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Figure\BarModel\BarModel;
use Daybright\Figure\Solid\Solid;
use Daybright\Lesson\Fields;

/** The catalogue: one line a figure. */
final class Figures
{
    /** @var list<class-string<Figure>> */
    private const CATALOGUE = [
        BarModel::class,
        Solid::class,
    ];

    /** @return list<class-string<Figure>> */
    public static function all(): array
    {
        return self::CATALOGUE;
    }

    /** @throws InvalidQuantities */
    public static function draw(string $name, Fields $quantities): Figure
    {
        foreach (self::CATALOGUE as $figure) {
            if ($figure::name() === $name) {
                return $figure::from($quantities);
            }
        }
        throw InvalidQuantities::because("There is no figure called “{$name}”. Choose one of: ".implode(', ', array_map(static fn (string $each): string => $each::name(), self::CATALOGUE)).'.', 'figure');
    }
}
