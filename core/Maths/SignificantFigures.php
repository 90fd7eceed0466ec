<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Rounding to figures, as “3.99 to three figures”; figures before the point that are not kept become 0. */
final class SignificantFigures
{
    /** @param  int  $most places after the point that are never exceeded: two for money */
    public static function round(Quantity $quantity, int $figures, int $most = 12): Quantity
    {
        $most = $quantity->unit->isMoney() ? min(2, $most) : $most;
        $place = $quantity->unit->isMoney() ? min(-2, self::place($quantity, $figures)) : self::place($quantity, $figures);
        $step = BigDecimal::of(10)->power(max(0, $place));
        // What is written as a power of ten keeps its figures, however small it is.
        $most = $place < -$most && ! $quantity->unit->isMoney() ? -$place : $most;
        $value = $quantity->value->dividedBy($step)->toScale(max(0, min($most, -$place)), RoundingMode::HALF_UP)->multipliedBy($step);

        // Rounded figures are written to the last, a nought too; money has two.
        $kept = $quantity->unit->isMoney() ? 2 : max(0, min($most, -$place));

        return Quantity::of($value, $quantity->unit)->withFigures($kept > 0 ? $kept : null, $quantity->inPowers);
    }

    /** To so many figures, or to the whole number where that has more: 39.4, 4047. */
    public static function decimal(BigRational $value, int $figures): BigDecimal
    {
        $places = $value->isZero() ? 0 : max(0, $figures - 1 - StandardForm::power($value));
        $decimal = $value->toScale($places, RoundingMode::HALF_UP)->stripTrailingZeros();

        return $decimal->toScale(max(0, $decimal->getScale()));
    }

    /** One in the last figure that is kept, as it is typed: “0.01”, “10”. */
    public static function last(Quantity $quantity, int $figures): string
    {
        $place = self::place($quantity, $figures);

        return $place >= 0 ? '1'.str_repeat('0', $place) : '0.'.str_repeat('0', -$place - 1).'1';
    }

    /** Power of ten of the last figure that is kept. */
    private static function place(Quantity $quantity, int $figures): int
    {
        $size = abs($quantity->value->toFloat());

        return $size === 0.0 ? 0 : (int) floor(log10($size)) - $figures + 1;
    }
}
