<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/** Numbers written as a power of ten: 3.77 × 10⁻⁵. */
final class StandardForm
{
    /** @param  int  $figures the most that are written */
    public static function write(BigRational $value, int $figures): string
    {
        if ($value->isZero()) {
            return '0';
        }
        $power = self::power($value->abs());
        $mantissa = $value->abs()->dividedBy(self::ten($power))->toScale($figures - 1, RoundingMode::HALF_UP);
        if ($mantissa->isGreaterThanOrEqualTo(10)) {
            [$mantissa, $power] = [$mantissa->dividedBy(10, $figures - 1, RoundingMode::HALF_UP), $power + 1];
        }
        $written = rtrim(rtrim((string) $mantissa, '0'), '.');

        return ($value->isNegative() ? '−' : '')."{$written} × 10".Superscript::write($power);
    }

    /** The power of ten that is not larger than a number. */
    public static function power(BigRational $value): int
    {
        $simplified = $value->abs()->simplified();
        $power = strlen((string) $simplified->getNumerator()) - strlen((string) $simplified->getDenominator());

        return $simplified->isLessThan(self::ten($power)) ? $power - 1 : $power;
    }

    private static function ten(int $power): BigRational
    {
        $ten = BigRational::of(10)->power(abs($power));

        return $power < 0 ? $ten->reciprocal() : $ten;
    }
}
