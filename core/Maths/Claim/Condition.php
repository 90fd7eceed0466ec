<?php

declare(strict_types=1);

namespace Daybright\Maths\Claim;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;

/**
 * Something a number fulfils or not: “n > 2”, “n is even”, “n is prime”, “n is a multiple of 3”, “n² > 2n”, joined with “and”.
 */
final readonly class Condition
{
    /** Trial division up to a million: no number in class is larger, and no student’s answer may keep the server busy. */
    private const LARGEST_TESTED = 1_000_000_000_000;

    private const KINDS = 'even|odd|prime|whole|positive|negative|square|multiple of (\d+)|divisible by (\d+)';

    /**
     * @param  list<array{Expression, string, Expression|int|null}>  $parts left side, relation, right side
     */
    private function __construct(private array $parts, private string $letter)
    {
    }

    /**
     * @param  string  $letter of the number it is about
     *
     * @throws MathsError
     */
    public static function read(string $written, string $letter): self
    {
        $parts = [];
        foreach (preg_split('/\s*(?:,|\band\b)\s*/u', trim($written), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $parts[] = self::part($part, $letter);
        }

        return new self($parts, $letter);
    }

    /** @throws MathsError when a side has no value for this number */
    public function holdsFor(BigRational $number): bool
    {
        foreach ($this->parts as [$left, $relation, $right]) {
            $known = [$this->letter => Quantity::of($number)];
            if (! self::compare($left->evaluate($known), $relation, $right instanceof Expression ? $right->evaluate($known) : $right)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{Expression, string, Expression|int|null} */
    private static function part(string $part, string $letter): array
    {
        if (preg_match('/^(.+?)\s+is\s+(not\s+)?(?:an?\s+)?('.self::KINDS.')(?:\s+number)?$/u', $part, $match) === 1) {
            $by = ($match[4] ?? '') !== '' ? $match[4] : ($match[5] ?? '');
            $word = $by === '' ? $match[3] : 'multiple';

            return [Parser::readWith($match[1], [$letter]), ($match[2] !== '' ? 'not ' : '').$word, $by === '' ? null : (int) $by];
        }
        if (preg_match('/^(.+?)\s*(<=|>=|≤|≥|≠|!=|<|>|=)\s*(.+)$/u', $part, $match) === 1) {
            return [
                Parser::readWith($match[1], [$letter]),
                strtr($match[2], ['<=' => '≤', '>=' => '≥', '!=' => '≠']),
                Parser::readWith($match[3], [$letter]),
            ];
        }
        throw MathsError::noCondition($part);
    }

    private static function compare(Quantity $left, string $relation, Quantity|int|null $right): bool
    {
        if (str_starts_with($relation, 'not ')) {
            return ! self::compare($left, substr($relation, 4), $right);
        }
        if ($right instanceof Quantity) {
            $order = $left->value->compareTo($right->value);

            return match ($relation) {
                '<' => $order < 0, '>' => $order > 0, '≤' => $order <= 0, '≥' => $order >= 0, '≠' => $order !== 0, default => $order === 0
            };
        }
        $isWhole = $left->isWhole();

        return match ($relation) {
            'whole' => $isWhole,
            'positive' => $left->value->isPositive(),
            'negative' => $left->value->isNegative(),
            'even' => $isWhole && self::whole($left)->isEven(),
            'odd' => $isWhole && self::whole($left)->isOdd(),
            'multiple' => $isWhole && $right !== null && $right !== 0 && self::whole($left)->mod(abs($right))->isZero(),
            'square' => $isWhole && ! $left->value->isNegative() && self::whole($left)->sqrt()->power(2)->isEqualTo(self::whole($left)),
            default => $isWhole && self::isPrime(self::whole($left)),
        };
    }

    private static function whole(Quantity $number): BigInteger
    {
        return $number->value->simplified()->getNumerator();
    }

    private static function isPrime(BigInteger $number): bool
    {
        if ($number->isLessThan(2)) {
            return false;
        }
        if ($number->isGreaterThan(self::LARGEST_TESTED)) {
            throw MathsError::tooLargeForPrime();
        }
        $value = $number->toInt();
        for ($divisor = 2; $divisor * $divisor <= $value; $divisor++) {
            if ($value % $divisor === 0) {
                return false;
            }
        }

        return true;
    }
}
