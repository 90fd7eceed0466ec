<?php

declare(strict_types=1);

namespace Daybright\Maths\Table;

use Brick\Math\BigRational;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** What can be worked out of a column of numbers. */
enum Working: string
{
    case Sum = 'sum';
    case Mean = 'mean';
    case Difference = 'difference';
    case Rate = 'rate';

    /**
     * @param  non-empty-list<Quantity>  $column from the top
     * @param  non-empty-list<Quantity>  $beside the first column, on the same rows; used by the rate alone
     *
     * @throws MathsError where the units do not fit, or nothing changes in the first column
     */
    public function of(array $column, array $beside): Quantity
    {
        return match ($this) {
            self::Sum => self::sum($column),
            self::Mean => self::sum($column)->times(Quantity::of(BigRational::of(1)->dividedBy(count($column)))),
            self::Difference => self::change($column),
            self::Rate => self::change($column)->over(self::change($beside)),
        };
    }

    /** @param  non-empty-list<Quantity>  $column */
    private static function sum(array $column): Quantity
    {
        $sum = $column[0];
        foreach (array_slice($column, 1) as $next) {
            $sum = $sum->plus($next);
        }

        return $sum;
    }

    /**
     * From the first to the last.
     *
     * @param  non-empty-list<Quantity>  $column
     */
    private static function change(array $column): Quantity
    {
        return $column[count($column) - 1]->minus($column[0]);
    }
}
