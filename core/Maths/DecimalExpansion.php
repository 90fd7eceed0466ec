<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigInteger;
use Brick\Math\BigRational;

/** A fraction written as a decimal by long division: the digits before the period, and those that recur. */
final readonly class DecimalExpansion
{
    private function __construct(public string $whole, public string $start, public string $recurring)
    {
    }

    /** @param  BigRational  $value zero or more */
    public static function expand(BigRational $value): self
    {
        $value = $value->simplified();
        [$whole, $rest] = $value->getNumerator()->quotientAndRemainder($value->getDenominator());
        $digits = '';
        /** @var array<string, int> $seen remainder => where its digit stands */
        $seen = [];
        while (! $rest->isZero() && ! isset($seen[(string) $rest])) {
            $seen[(string) $rest] = strlen($digits);
            [$digit, $rest] = $rest->multipliedBy(BigInteger::ten())->quotientAndRemainder($value->getDenominator());
            $digits .= (string) $digit;
        }
        $from = $rest->isZero() ? strlen($digits) : $seen[(string) $rest];

        return new self((string) $whole, substr($digits, 0, $from), substr($digits, $from));
    }

    public function ends(): bool
    {
        return $this->recurring === '';
    }

    /** “0.375”, or “0.1666…” with the period written until it has been seen, and never more than eight of its digits. */
    public function written(): string
    {
        if ($this->ends()) {
            return $this->start === '' ? $this->whole : "{$this->whole}.{$this->start}";
        }

        return "{$this->whole}.{$this->start}".substr(str_repeat($this->recurring, match (strlen($this->recurring)) {
            1 => 3, 2, 3 => 2, default => 1
        }), 0, 8).'…';
    }
}
