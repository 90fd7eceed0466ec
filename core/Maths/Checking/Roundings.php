<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\SignificantFigures;

/** Roundings in words: “If we round 4.67 to one decimal place we get 4.6.” */
final class Roundings
{
    private const TO = '(?:the nearest (whole number|one|ten|hundred|thousand|tenth|hundredth)|('
        .NumberWords::NUMBER
        .') (decimal places?|significant figures?|s\.?f\.?|d\.?p\.?))';

    private const NUMBER = '(\d[\d,]*(?:\.\d+)?)';

    private const GIVES = ',?(?: (?:we|you) (?:get|have)| gives(?: us)?| is| it is| makes| =|,)';

    private const PATTERN = '/\bround(?:s|ed|ing)? '.self::NUMBER.' to '.self::TO.self::GIVES.' '.self::NUMBER.'(?![\d%])/iu';

    private const PLACES = [
        'whole number' => 0,
        'one' => 0,
        'ten' => -1,
        'hundred' => -2,
        'thousand' => -3,
        'tenth' => 1,
        'hundredth' => 2,
    ];

    /** @return list<Equality> */
    public static function check(string $text): array
    {
        preg_match_all(self::PATTERN, $text, $matches, PREG_SET_ORDER);

        return array_values(array_filter(array_map(self::judge(...), $matches)));
    }

    /** @param  array<string>  $match */
    private static function judge(array $match): ?Equality
    {
        try {
            [$number, $given] = [Quantity::read($match[1]), Quantity::read(rtrim($match[count($match) - 1], '.,'))];
        } catch (MathsError) {
            return null;
        }
        $isFigures = preg_match('/^s/i', $match[4] ?? '') === 1;
        $count = (int) NumberWords::inFigures($match[3] ?? '');
        $right = $isFigures
            ? SignificantFigures::round($number, max(1, $count))
            : self::toPlaces($number, $match[2] !== '' ? self::PLACES[mb_strtolower($match[2])] : $count);

        return $right->value->isEqualTo($given->value) ? Equality::right($match[0]) : Equality::wrong($match[0], $right->number());
    }

    private static function toPlaces(Quantity $number, int $places): Quantity
    {
        $step = BigRational::of(10)->power(max(0, -$places));

        return Quantity::of(
            $number->value->dividedBy($step)->toScale(max(0, $places), RoundingMode::HALF_UP)->multipliedBy($step->toBigInteger()),
        );
    }
}
