<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** A measure written in several units, the largest first: “1 h 30 min”, “5 ft 3 in”. */
final class CompoundMeasure
{
    /**
     * A quantity written as another was: in hours and minutes where that was, otherwise in its unit.
     *
     * @param  string  $model a measure such as “2 h 15 min” or “2.25 h”
     */
    public static function writtenLike(Quantity $quantity, string $model): string
    {
        preg_match_all('/\d\s?(\p{L}+)/u', $model, $match);
        $units = array_values(array_filter(array_map(Units::called(...), $match[1])));

        return count($units) < 2 ? $quantity->written() : self::written($quantity, $units);
    }

    /** @param  non-empty-list<Unit>  $units of one kind, the largest first */
    private static function written(Quantity $quantity, array $units): string
    {
        $smallest = array_pop($units);
        $left = $quantity->base()->abs();
        $parts = [];
        foreach ($units as $unit) {
            $whole = $left->dividedBy($unit->factor)->toScale(0, RoundingMode::DOWN);
            $left = $left->minus($unit->factor->multipliedBy($whole));
            $parts[] = Quantity::of($whole, $unit);
        }
        $parts[] = new Quantity($left->dividedBy($smallest->factor)->simplified(), $smallest, $quantity->exact);
        $named = array_filter($parts, static fn (Quantity $part): bool => ! $part->value->isZero()) ?: [$parts[count($parts) - 1]];

        return ($quantity->value->isLessThan(BigRational::zero()) ? '−' : '').implode(
            ' ',
            array_map(static fn (Quantity $part): string => $part->written(), $named),
        );
    }
}
