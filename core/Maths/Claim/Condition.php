<?php

declare(strict_types=1);

namespace Daybright\Maths\Claim;

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
        if (preg_match('/^(.+?)\s+is\s+(not\s+)?(?:an?\s+)?(even|odd|prime|whole|positive|negative|square|multiple of (\d+)|divisible by (\d+))(?:\s+number)?$/u', $part, $match) === 1) {
            $by = ($match[4] ?? '') !== '' ? $match[4] : ($match[5] ?? '');
            $word = $by === '' ? $match[3] : 'multiple';

            return [Parser::readWith($match[1], [$letter]), ($match[2] !== '' ? 'not ' : '').$word, $by === '' ? null : (int) $by];
        }
        if (preg_match('/^(.+?)\s*(<=|>=|≤|≥|≠|!=|<|>|=)\s*(.+)$/u', $part, $match) === 1) {
            return [Parser::readWith($match[1], [$letter]), strtr($match[2], ['<=' => '≤', '>=' => '≥', '!=' => '≠']), Parser::readWith($match[3], [$letter])];
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
            'even' => $isWhole && $left->value->toInt() % 2 === 0,
            'odd' => $isWhole && $left->value->toInt() % 2 !== 0,
            'multiple' => $isWhole && $right !== null && $right !== 0 && $left->value->toInt() % $right === 0,
            'square' => $isWhole && $left->value->toInt() >= 0 && (int) round(sqrt($left->value->toInt())) ** 2 === $left->value->toInt(),
            default => $isWhole && self::isPrime($left->value->toInt()),
        };
    }

    private static function isPrime(int $number): bool
    {
        if ($number < 2) {
            return false;
        }
        for ($divisor = 2; $divisor * $divisor <= $number; $divisor++) {
            if ($number % $divisor === 0) {
                return false;
            }
        }

        return true;
    }
}
