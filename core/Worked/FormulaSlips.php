<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Brick\Math\BigRational;
use Daybright\Maths\Expression\Bracketed;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Name;
use Daybright\Maths\Expression\Number;
use Daybright\Maths\Expression\Operation;
use Daybright\Maths\Expression\Pi;
use Daybright\Maths\Expression\Root;
use Daybright\Maths\Rearrangement;
use Daybright\Maths\Unit;

/** What a formula turns into by the slips that are made with it: the half forgotten, doubled instead of squared, the wrong way round. */
final class FormulaSlips
{
    private const NOT_SOLVED = 'The numbers were put in without solving the formula first.';

    /**
     * @param  Expression  $solved what is asked, in terms of what is known
     * @return array<string, list<Expression>> what went wrong => what is then worked out
     */
    public static function commonIn(Expression $solved): array
    {
        $slips = [];
        foreach (self::rules() as $why => $rule) {
            $slips[$why] = self::changed($solved, $rule);
        }
        $names = array_map(static fn (string $name): Expression => new Name($name), Rearrangement::names($solved));
        if (count($names) > 1) {
            $slips[self::NOT_SOLVED] = [self::joined($names, '×')];
            $slips['The numbers were added.'] = [self::joined($names, '+')];
        }

        return array_filter($slips);
    }

    /** @return array<string, callable(Expression): ?Expression> */
    private static function rules(): array
    {
        return [
            'It was doubled instead of squared.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && $part->sign === '^'
                ? new Operation('×', self::two(), $part->left)
                : null,
            'The square root was not taken.' => static fn (Expression $part): ?Expression => $part instanceof Root ? $part->inner : null,
            'A number of the formula was left out.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && in_array($part->sign, ['×', 'implicit', '/'], true)
                ? self::withoutNumber($part)
                : null,
            'Plus and minus were mixed up.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && in_array($part->sign, ['+', '-'], true)
                ? new Operation($part->sign === '+' ? '-' : '+', $part->left, $part->right)
                : null,
            'It was multiplied where it had to be divided.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && $part->sign === '/'
                && ! $part->right instanceof Number
                ? new Operation('×', $part->left, $part->right)
                : null,
            'It was divided where it had to be multiplied.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && in_array($part->sign, ['×', 'implicit'], true)
                && Rearrangement::names($part->left) !== []
                && Rearrangement::names($part->right) !== []
                ? new Operation('/', $part->left, $part->right)
                : null,
            'It was divided the wrong way round.' => static fn (Expression $part): ?Expression => $part instanceof Operation
                && $part->sign === '/'
                && Rearrangement::names($part->left) !== []
                && Rearrangement::names($part->right) !== []
                ? new Operation('/', $part->right, $part->left)
                : null,
        ];
    }

    private static function withoutNumber(Operation $product): ?Expression
    {
        $isNumber = static fn (Expression $part): bool => $part instanceof Number || $part instanceof Pi;

        return match (true) {
            $isNumber($product->right) => $product->left,
            $isNumber($product->left) && $product->sign !== '/' => $product->right,
            default => null,
        };
    }

    /**
     * The expression with a rule applied at one place, for each place where it applies.
     *
     * @param  callable(Expression): ?Expression  $rule
     * @return list<Expression>
     */
    private static function changed(Expression $whole, callable $rule): array
    {
        $here = $rule($whole);
        $inside = match (true) {
            $whole instanceof Operation => [
                ...array_map(
                    static fn (Expression $left): Expression => new Operation($whole->sign, $left, $whole->right),
                    self::changed($whole->left, $rule),
                ),
                ...array_map(
                    static fn (Expression $right): Expression => new Operation($whole->sign, $whole->left, $right),
                    self::changed($whole->right, $rule),
                ),
            ],
            $whole instanceof Root => array_map(
                static fn (Expression $inner): Expression => new Root($inner),
                self::changed($whole->inner, $rule),
            ),
            $whole instanceof Bracketed => array_map(
                static fn (Expression $inner): Expression => new Bracketed($inner),
                self::changed($whole->inner, $rule),
            ),
            default => [],
        };

        return $here === null ? $inside : [$here, ...$inside];
    }

    /**
     * @param  non-empty-list<Expression>  $names
     * @param  '+'|'×'  $sign
     */
    private static function joined(array $names, string $sign): Expression
    {
        $all = array_shift($names);
        foreach ($names as $name) {
            $all = new Operation($sign, $all, $name);
        }

        return $all;
    }

    private static function two(): Number
    {
        return new Number(BigRational::of(2), '2', Unit::none());
    }
}
