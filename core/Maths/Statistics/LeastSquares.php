<?php

declare(strict_types=1);

namespace Daybright\Maths\Statistics;

use Brick\Math\BigRational;

/** The straight line of least squares through pairs of numbers, computed exactly, and Pearson's r. */
final readonly class LeastSquares
{
    private function __construct(public BigRational $slope, public BigRational $intercept, public float $r)
    {
    }

    /**
     * slope = Sxy ÷ Sxx, intercept = ȳ − slope · x̄, r = Sxy ÷ √(Sxx Syy)
     *
     * @param  non-empty-list<array{BigRational, BigRational}>  $pairs
     * @return self|null null when all x or all y are alike
     */
    public static function through(array $pairs): ?self
    {
        $count = count($pairs);
        $x = (new Sample(array_map(static fn (array $pair): BigRational => $pair[0], $pairs)))->mean();
        $y = (new Sample(array_map(static fn (array $pair): BigRational => $pair[1], $pairs)))->mean();
        [$xx, $xy, $yy] = [BigRational::zero(), BigRational::zero(), BigRational::zero()];
        foreach ($pairs as [$across, $up]) {
            [$dx, $dy] = [$across->minus($x), $up->minus($y)];
            $xx = $xx->plus($dx->multipliedBy($dx))->simplified();
            $xy = $xy->plus($dx->multipliedBy($dy))->simplified();
            $yy = $yy->plus($dy->multipliedBy($dy))->simplified();
        }
        if ($count < 2 || $xx->isZero() || $yy->isZero()) {
            return null;
        }
        $slope = $xy->dividedBy($xx)->simplified();
        $square = $xy->multipliedBy($xy)->dividedBy($xx->multipliedBy($yy))->toFloat();

        return new self($slope, $y->minus($slope->multipliedBy($x))->simplified(), sqrt($square) * ($xy->isNegative() ? -1 : 1));
    }

    public function at(BigRational $x): BigRational
    {
        return $this->intercept->plus($this->slope->multipliedBy($x));
    }

    /**
     * The pairs whose distance from the line is more than twice the standard error (common practice for “far from the line”).
     *
     * @param  non-empty-list<array{BigRational, BigRational}>  $pairs
     * @return list<int> their numbers
     */
    public function farAway(array $pairs): array
    {
        if (count($pairs) < 4) {
            return [];
        }
        $residuals = array_map(fn (array $pair): float => $pair[1]->minus($this->at($pair[0]))->toFloat(), $pairs);
        $error = sqrt(array_sum(array_map(static fn (float $each): float => $each ** 2, $residuals)) / (count($pairs) - 2));

        return array_keys(array_filter($residuals, static fn (float $each): bool => $error > 1e-12 && abs($each) > 2 * $error));
    }
}
