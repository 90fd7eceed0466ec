<?php

declare(strict_types=1);

namespace Daybright\Maths\Statistics;

use Brick\Math\BigRational;

/** A list of measured numbers and what school statistics says about it, exactly. */
final readonly class Sample
{
    /** @var non-empty-list<BigRational> in order of size */
    private array $sorted;

    /** @param  non-empty-list<BigRational>  $values */
    public function __construct(private array $values)
    {
        $sorted = $values;
        usort($sorted, static fn (BigRational $one, BigRational $other): int => $one->compareTo($other));
        $this->sorted = $sorted;
    }

    public function count(): int
    {
        return count($this->values);
    }

    public function mean(): BigRational
    {
        return $this->sum()->dividedBy($this->count())->simplified();
    }

    public function sum(): BigRational
    {
        return array_reduce(
            $this->values,
            static fn (BigRational $sum, BigRational $value): BigRational => $sum->plus($value)->simplified(),
            BigRational::zero(),
        );
    }

    public function median(): BigRational
    {
        return self::middle($this->sorted);
    }

    public function least(): BigRational
    {
        return $this->sorted[0];
    }

    public function most(): BigRational
    {
        return $this->sorted[count($this->sorted) - 1];
    }

    public function range(): BigRational
    {
        return $this->most()->minus($this->least())->simplified();
    }

    /**
     * The medians of the lower and the upper half, the middle value left out when the count is odd (common practice in schools).
     *
     * @return array{BigRational, BigRational}|null null for fewer than four values
     */
    public function quartiles(): ?array
    {
        $half = intdiv(count($this->sorted), 2);
        [$low, $high] = [array_slice($this->sorted, 0, $half), array_slice($this->sorted, -$half)];

        return $half < 2 || $low === [] || $high === [] ? null : [self::middle($low), self::middle($high)];
    }

    /** @return list<BigRational> the values that occur most often; none when all occur equally often */
    public function modes(): array
    {
        $counts = [];
        foreach ($this->sorted as $value) {
            $counts[(string) $value->simplified()] = ($counts[(string) $value->simplified()] ?? 0) + 1;
        }
        $most = max($counts);
        if ($most === 1 || count(array_unique($counts)) === 1 && count($counts) > 1) {
            return [];
        }

        return array_map(
            static fn (int|string $value): BigRational => BigRational::of($value),
            array_keys(array_filter($counts, static fn (int $count): bool => $count === $most)),
        );
    }

    /** @param  non-empty-list<BigRational>  $sorted */
    private static function middle(array $sorted): BigRational
    {
        $half = intdiv(count($sorted), 2);

        return (count($sorted) % 2 === 1 ? $sorted[$half] : $sorted[$half - 1]->plus($sorted[$half])->dividedBy(2))->simplified();
    }
}
