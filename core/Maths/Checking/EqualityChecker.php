<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;
use Daybright\Maths\CompoundMeasure;
use Daybright\Maths\Dimension;
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
            ...array_merge(...array_map(self::checkClause(...), Clauses::split(Remainders::without($written)))),
            ...Remainders::check($written),
            ...Roundings::check($stated),
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
        $found = self::judge($left, $right, $sign, $measure);
        if ($found === null || $found->holds()) {
            return $found;
        }
        // Where it holds as people of another country read its points and commas, it is right.
        [$other, $result] = [$left->inOtherStyle(), $right->inOtherStyle()];
        $again = $other === null && $result === null ? null : self::judge($other ?? $left, $result ?? $right, $sign, $measure);

        return $again?->holds() === true ? $again : $found;
    }

    private static function judge(Side $left, Side $right, string $sign, ?string $measure): ?Equality
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
            // “3 × 4 = 12 cm”: plain working with the unit put on at the end is common practice, where the unit is of the kind that is
            // named.
            return self::wrongKindOfNamed($written, $given, $measure) ?? self::sameKind(
                $written,
                new Quantity($expected->value, $given->unit, $expected->exact),
                $given,
                $sign,
                $right->written,
            );
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
        // A year has 365 days here and 366 there, and money changes its price.
        $isCalendar = isset($left->dimensions['years']) !== isset($right->dimensions['years'])
            && in_array($left->dimension(), [Dimension::Time, Dimension::Other], true)
            && in_array($right->dimension(), [Dimension::Time, Dimension::Other], true);

        $areTwoScales = ! $left->measuresLike($right)
            && $left->dimension() === $right->dimension()
            && in_array($left->dimension(), [Dimension::Money, Dimension::Temperature], true);

        return $isCalendar || $areTwoScales || Units::differsByCountry($left) !== Units::differsByCountry($right);
    }

    /** “1 cm = 2 km” belongs to a map: nobody takes the longer unit for the smaller one. */
    private static function isScale(Quantity $left, Quantity $right): bool
    {
        return $left->unit->dimension() === Dimension::Length && $left->value->isEqualTo(1)
            && $right->unit->measuresLike($left->unit) && $right->value->isGreaterThanOrEqualTo(1)
            && $right->unit->factor->isGreaterThan($left->unit->factor);
    }

    private static function sameKind(string $written, Quantity $expected, Quantity $given, string $sign, string $givenText): Equality
    {
        return $expected->equals($given) || self::rounds($expected, $given, $sign, $givenText)
            ? Equality::right($written)
            : Equality::wrong($written, self::inFormOf($expected->in($given->unit), $givenText));
    }

    /** A rounded value passes after “≈”, and after “=” where no exact decimal exists or none is used in class. */
    private static function rounds(Quantity $expected, Quantity $given, string $sign, string $givenText): bool
    {
        $scaled = $expected->in($given->unit)->value;
        $ratio = $expected->unit->factor->dividedBy($given->unit->factor);
        // An hour has a round number of minutes, whichever of them comes first.
        $isRoundedInClass = self::figures($ratio) > self::FIGURES_KEPT && self::figures($ratio->reciprocal()) > self::FIGURES_KEPT;
        if ($sign === '=' && $expected->exact && self::terminates($scaled) && ! $isRoundedInClass) {
            return false;
        }
        $places = preg_match('/\.(\d+)/', $givenText, $match) === 1 ? strlen($match[1]) : 0;
        // A whole percent is a hundredth: “1/3 = 33%” is as good as “1/3 = 0.33”.
        $asked = match (true) {
            $given->unit->isPercent() => 0,
            $ratio->isEqualTo(1) => 2,
            default => 1,
        };
        if ($sign === '=' && $places < $asked && $expected->exact && ! $isRoundedInClass) {
            return false;
        }
        if ($scaled->toScale($places, RoundingMode::HALF_UP)->isEqualTo($given->value->toScale($places, RoundingMode::HALF_UP))) {
            return true;
        }
        // After “≈” half a unit of the last figure is allowed; noughts at the end of a whole number are no figures: “19 × 5 ≈ 100”.
        $noughts = preg_match('/^[\d\s,]*?[1-9][\s,]*?((?:[\s,]*0)+)(?![\d.])/u', $givenText, $match) === 1
            ? preg_match_all('/0/', $match[1])
            : 0;

        return $sign === '≈' && $places === 0 && $noughts > 0
            && $scaled->minus($given->value)->abs()->isLessThanOrEqualTo(BigRational::of(10)->power($noughts)->dividedBy(2));
    }

    /** A fraction is put right by a fraction: 3/4 + 1/8 is 7/8, and not 0.875. */
    private static function inFormOf(Quantity $right, string $givenText): string
    {
        $value = $right->value->simplified();
        $isFraction = $right->unit->isNone() && $right->exact && preg_match('~^\s*[-−]?(?:\d+ )?\d+\s*/\s*\d+\s*$~u', $givenText) === 1;

        return $isFraction && ! $right->isWhole()
            ? str_replace('-', '−', $value->getNumerator().'/'.$value->getDenominator())
            : CompoundMeasure::writtenLike($right, $givenText);
    }

    private static function wrongKindOfNamed(string $written, Quantity $given, ?string $measure): ?Equality
    {
        // “m” may be minutes to a teacher in a hurry.
        $isMinutes = $measure === 'time' && $given->unit->symbol() === 'm';

        return $measure === null || $given->unit->isNone() || $isMinutes ? null : self::wrongKind($written, $given, $measure);
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

        return $result === null || $result->counts || ! $result->value->unit->isNone()
            ? null
            : Equality::ofMeasureWithoutUnit(trim(implode('', $parts)), $measure);
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

        return $right === null || $right->value->unit->isNone()
            ? null
            : self::wrongKind(trim(implode('', $parts)), $right->value, $measure);
    }

    private static function wrongKind(string $written, Quantity $given, string $measure): ?Equality
    {
        $isRight = $given->unit->dimension() === Measures::dimensionOf($measure);

        return $isRight ? null : Equality::ofTheWrongMeasure($written, $given, $measure);
    }
}
