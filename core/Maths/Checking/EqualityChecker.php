<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use Daybright\Maths\CompoundMeasure;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/**
 * Finds the equalities in a text and says which do not hold.
 *
 * What it cannot read it leaves alone: a wrong alarm costs the teacher's trust.
 */
final class EqualityChecker
{
    /** Factors between units with more figures than this are rounded in class: 1 mile = 1.6 km (common practice). */
    private const FIGURES_KEPT = 2;

    /**
     * @return list<Equality> in the order in which they stand
     */
    public static function check(string $text): array
    {
        $stated = Statements::in($text);
        $written = SpokenSums::written(SpokenUnits::written($stated));

        return [
            ...array_merge(...array_map(self::checkClause(...), Clauses::of(Remainders::without($written)))),
            ...Remainders::check($written),
            ...SpokenMeasures::check($stated),
        ];
    }

    /** @return list<Equality> */
    private static function checkClause(string $clause): array
    {
        $parts = preg_split('/([=≈])/u', $clause, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $last = count($parts) - 1;
        $found = [];
        for ($index = 1; $index < $last; $index += 2) {
            $left = Side::atEndOf($index > 1 ? self::link($parts[$index - 1])[1] : $parts[0]);
            $right = Side::atStartOf($index + 1 < $last ? self::link($parts[$index + 1])[0] : $parts[$last]);
            if ($left === null || $right === null || ($index === 1 && $left->isLoneNumber() && $right->isLoneNumber())) {
                continue;
            }
            $heading = $index === 1 ? mb_substr(trim($parts[0]), 0, -mb_strlen($left->written)) : $parts[0];
            $equality = self::compare($left, $right, $parts[$index], Measures::namedAlone($heading));
            if ($equality !== null) {
                $found[] = $equality;
            }
        }
        $missing = self::missingUnit($parts, $found);
        if ($missing !== null) {
            return [...array_slice($found, 0, -1), $missing];
        }
        $kind = $found === [] ? self::wrongMeasure($parts) : null;

        return $kind === null ? $found : [$kind];
    }

    /**
     * What a link of a chain gives to the equality before it and to the one behind it:
     * all of it in “3 × 4 = 12 = 2 × 6”, one end of it in “3 × 4 = 12 and 2 × 7 = 14”.
     *
     * @return array{string, string}
     */
    private static function link(string $part): array
    {
        if (Side::whole($part) !== null) {
            return [$part, $part];
        }
        $pieces = preg_split('/\s(?:and|so|then|but|while)\s/u', $part) ?: [];

        return count($pieces) > 1 ? [$pieces[0], $pieces[count($pieces) - 1]] : ['', ''];
    }

    /** @param  string|null  $measure the measure that is worked out, where one is named */
    private static function compare(Side $left, Side $right, string $sign, ?string $measure): ?Equality
    {
        $written = $left->written.' '.$sign.' '.$right->written;
        [$expected, $given] = [$left->value, $right->value];
        if (self::isNotOursToSay($expected->unit, $given->unit) || self::isScale($expected, $given)) {
            return null;
        }
        if ($expected->unit->measuresLike($given->unit)) {
            $kind = $measure === null || $given->unit->dimensions === [] ? null : self::wrongKind($written, $given, $measure);

            return $kind ?? self::sameKind($written, $expected, $given, $sign, $right->written);
        }
        if ($given->unit->isNone()) {
            // “4 m ÷ 2 m = 2 pieces”, “24 m ÷ 6 = 4 steps”: a count of things is no lost unit.
            return $right->counts ? null : Equality::withoutUnit($written, $expected->written());
        }
        if ($expected->unit->dimensions === [] && preg_match('/[£$€°]|\p{L}/u', $left->written) !== 1) {
            // “3 × 4 = 12 cm”: plain working with the unit put on at the end is common practice.
            return self::sameKind($written, new Quantity($expected->value, $given->unit, $expected->exact), $given, $sign, $right->written);
        }
        // “20 °C + 5 °C = 25 degrees” is how temperatures are said.
        if ($expected->unit->symbol() === '°C' && $given->unit->symbol() === '°') {
            return self::sameKind($written, $expected, new Quantity($given->value, $expected->unit, $given->exact), $sign, $right->written);
        }

        return Equality::ofTheWrongKind($written, $expected, $given);
    }

    /** A pint has more millilitres in one country than in the next; degrees on two thermometers are no factor apart. */
    private static function isNotOursToSay(Unit $left, Unit $right): bool
    {
        return Units::differsByCountry($left) !== Units::differsByCountry($right)
            || (! $left->measuresLike($right) && $left->kindInWords() === 'a temperature' && $right->kindInWords() === 'a temperature');
    }

    /** “1 cm = 2 km” belongs to a map: nobody takes the longer unit for the smaller one. */
    private static function isScale(Quantity $left, Quantity $right): bool
    {
        return $left->unit->kindInWords() === 'a length' && $left->value->isEqualTo(1)
            && $right->unit->measuresLike($left->unit) && $right->value->isGreaterThanOrEqualTo(1)
            && $right->unit->factor->isGreaterThan($left->unit->factor);
    }

    private static function sameKind(string $written, Quantity $expected, Quantity $given, string $sign, string $givenText): Equality
    {
        return $expected->equals($given) || self::rounds($expected, $given, $sign, $givenText)
            ? Equality::right($written)
            : Equality::wrong($written, CompoundMeasure::writtenLike($expected->in($given->unit), $givenText));
    }

    /** A rounded value passes after “≈”, and after “=” where no exact decimal exists or none is used in class. */
    private static function rounds(Quantity $expected, Quantity $given, string $sign, string $givenText): bool
    {
        $scaled = $expected->in($given->unit)->value;
        $isRoundedInClass = self::figures($expected->unit->factor->dividedBy($given->unit->factor)) > self::FIGURES_KEPT;
        if ($sign === '=' && $expected->exact && self::terminates($scaled) && ! $isRoundedInClass) {
            return false;
        }
        $places = preg_match('/\.(\d+)/', $givenText, $match) === 1 ? strlen($match[1]) : 0;
        // A whole percent is a hundredth: “1/3 = 33%” is as good as “1/3 = 0.33”.
        $hundredths = $given->unit->isPercent() ? 0 : 2;
        if ($sign === '=' && $places < $hundredths && $expected->exact && ! $isRoundedInClass) {
            return false;
        }
        if ($scaled->toScale($places, RoundingMode::HALF_UP)->isEqualTo($given->value->toScale($places, RoundingMode::HALF_UP))) {
            return true;
        }
        // After “≈” an estimate to one figure will do: “19 × 5 ≈ 100”.
        $difference = $scaled->minus($given->value)->abs();

        return $sign === '≈' && $difference->isLessThanOrEqualTo($scaled->abs()->multipliedBy('1/10'));
    }

    private static function terminates(BigRational $value): bool
    {
        return self::figures($value) < PHP_INT_MAX;
    }

    /** Significant figures of the exact decimal; without end where there is none. */
    private static function figures(BigRational $value): int
    {
        try {
            return strlen(trim((string) $value->simplified()->toBigDecimal()->getUnscaledValue()->abs(), '0'));
        } catch (MathException) {
            return PHP_INT_MAX;
        }
    }

    /**
     * “area = 4 × 5 = 20”: right as a sum, but an area has a unit.
     *
     * @param  list<string>  $parts
     * @param  list<Equality>  $found
     */
    private static function missingUnit(array $parts, array $found): ?Equality
    {
        $last = end($found);
        $measure = Measures::namedAlone($parts[0]);
        if ($last === false || ! $last->holds() || $measure === null || count($parts) < 5) {
            return null;
        }
        $result = Side::atStartOf($parts[count($parts) - 1]);

        return $result === null || $result->counts || ! $result->value->unit->isNone() ? null : Equality::ofMeasureWithoutUnit(trim(implode('', $parts)), $measure);
    }

    /**
     * “Volume = 60 cm”: nothing to work out, but a volume is not measured in cm.
     *
     * @param  list<string>  $parts
     */
    private static function wrongMeasure(array $parts): ?Equality
    {
        $measure = Measures::namedAlone($parts[0]);
        if (count($parts) !== 3 || $measure === null) {
            return null;
        }
        $right = Side::atStartOf($parts[2]);

        return $right === null || $right->value->unit->isNone() ? null : self::wrongKind(trim(implode('', $parts)), $right->value, $measure);
    }

    private static function wrongKind(string $written, Quantity $given, string $measure): ?Equality
    {
        return $given->unit->kindInWords() === Measures::kindOf($measure) ? null : Equality::ofTheWrongMeasure($written, $given, $measure);
    }
}
