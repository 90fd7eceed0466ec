<?php

declare(strict_types=1);

namespace Daybright\Figure\Venn;

use Brick\Math\BigRational;
use Closure;
use Daybright\Figure\InvalidQuantities;

/** The regions of a Venn diagram as unknowns, and the counts as equations about them, solved by elimination. */
final readonly class Regions
{
    /** @param  list<array{list<BigRational>, BigRational, string}>  $rows reduced equations: coefficients, sum, field */
    public function __construct(private int $sets, private array $rows = [])
    {
    }

    /**
     * @param  list<int>  $members regions that add up to the count
     *
     * @throws InvalidQuantities when the count contradicts the earlier ones
     */
    public function knowing(array $members, int $count, string $field, string $inWords): self
    {
        $row = array_map(
            static fn (int $region): BigRational => BigRational::of(in_array($region, $members, true) ? 1 : 0),
            range(0, (1 << $this->sets) - 1),
        );
        [$row, $sum] = $this->reduced($row, BigRational::of($count));
        $pivot = self::pivot($row);
        if ($pivot === null) {
            if ($sum->isZero()) {
                return $this;
            }
            $right = BigRational::of($count)->minus($sum);
            throw InvalidQuantities::because(
                "These counts contradict each other: from the others it follows that {$right} are {$inWords}, not {$count}. Change one of them.",
                $field,
            );
        }
        $lead = $row[$pivot];
        $row = array_map(static fn (BigRational $each): BigRational => $each->dividedBy($lead), $row);
        $sum = $sum->dividedBy($lead);
        // The new equation is taken out of the earlier ones, so that each has its leading region to itself.
        $rows = [];
        foreach ($this->rows as [$earlier, $earlierSum, $name]) {
            $times = $earlier[$pivot];
            $rows[] = [
                array_map(
                    static fn (BigRational $one, BigRational $other): BigRational => $one->minus($other->multipliedBy($times)),
                    $earlier,
                    $row,
                ),
                $earlierSum->minus($sum->multipliedBy($times)), $name,
            ];
        }

        return new self($this->sets, [...$rows, [$row, $sum, $field]]);
    }

    /**
     * @param  array<string, list<int>>  $sums what else could be asked for
     * @param  Closure(string): string  $inWords
     * @return array<int, int> region => count
     *
     * @throws InvalidQuantities when something is still missing, or when a region comes out below zero
     */
    public function solved(array $sums, Closure $inWords): array
    {
        if (count($this->rows) < 1 << $this->sets) {
            throw InvalidQuantities::because(
                'These counts do not settle every region yet. Give one more, for example how many are '.$inWords($this->missing($sums)).'.',
                $this->missing($sums),
            );
        }
        $regions = [];
        foreach ($this->rows as [$row, $sum, $field]) {
            $region = (int) self::pivot($row);
            if ($sum->isNegative() || ! $sum->simplified()->getDenominator()->isEqualTo(1)) {
                $sets = implode(
                    ' and ',
                    array_filter(
                        ['first', 'second', 'third'],
                        static fn (int $set): bool => ($region & (1 << $set)) !== 0,
                        ARRAY_FILTER_USE_KEY,
                    ),
                );
                $where = $region === 0 ? 'would be in none of the sets' : "would belong to the {$sets} set and no other";
                throw InvalidQuantities::because(
                    "These counts cannot all be right: then {$sum->simplified()} {$where}. Check how many are {$inWords($field)}, and the counts around it.",
                    $field,
                );
            }
            $regions[$region] = $sum->toInt();
        }
        ksort($regions);

        return $regions;
    }

    /** @param  array<string, list<int>>  $sums */
    private function missing(array $sums): string
    {
        foreach ($sums as $field => $members) {
            $row = array_map(
                static fn (int $region): BigRational => BigRational::of(in_array($region, $members, true) ? 1 : 0),
                range(0, (1 << $this->sets) - 1),
            );
            if (self::pivot($this->reduced($row, BigRational::zero())[0]) !== null) {
                return $field;
            }
        }

        return 'total';
    }

    /**
     * An equation with everything taken out that the earlier ones already say.
     *
     * @param  list<BigRational>  $row
     * @return array{list<BigRational>, BigRational}
     */
    private function reduced(array $row, BigRational $sum): array
    {
        foreach ($this->rows as [$earlier, $earlierSum]) {
            $times = $row[(int) self::pivot($earlier)];
            if (! $times->isZero()) {
                $row = array_map(
                    static fn (BigRational $one, BigRational $other): BigRational => $one->minus($other->multipliedBy($times)),
                    $row,
                    $earlier,
                );
                $sum = $sum->minus($earlierSum->multipliedBy($times));
            }
        }

        return [$row, $sum];
    }

    /** @param  list<BigRational>  $row */
    private static function pivot(array $row): ?int
    {
        foreach ($row as $column => $value) {
            if (! $value->isZero()) {
                return $column;
            }
        }

        return null;
    }
}
