<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Daybright\Maths\Expression\Bracketed;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Name;
use Daybright\Maths\Expression\NamedFunction;
use Daybright\Maths\Expression\Negation;
use Daybright\Maths\Expression\Number;
use Daybright\Maths\Expression\Operation;
use Daybright\Maths\Expression\QuadraticRoot;
use Daybright\Maths\Expression\Root;

/** Solves an equation for a name that stands in it once, by undoing one operation after another on both sides. */
final class Rearrangement
{
    /**
     * @return Expression what the name equals
     *
     * @throws MathsError when the name is not there, or more than once
     */
    public static function solve(Expression $left, Expression $right, string $name): Expression
    {
        $count = self::count($left, $name) + self::count($right, $name);
        if ($count === 0) {
            throw MathsError::unknownName($name);
        }
        if ($count === 2) {
            return new QuadraticRoot($left, $right, $name);
        }
        if ($count > 2) {
            throw MathsError::notRearranged($name);
        }
        [$side, $other] = self::count($left, $name) === 1 ? [$left, $right] : [$right, $left];
        while (! $side instanceof Name) {
            [$side, $other] = self::undone($side, $other, $name);
        }

        return $other;
    }

    /** @return list<string> the names in an expression, each once, in the order in which they stand */
    public static function names(Expression $expression): array
    {
        $names = match (true) {
            $expression instanceof Name => [$expression->name],
            $expression instanceof Operation => [...self::names($expression->left), ...self::names($expression->right)],
            $expression instanceof Bracketed,
            $expression instanceof Negation,
            $expression instanceof Root,
            $expression instanceof NamedFunction => self::names($expression->inner),
            default => [],
        };

        return array_values(array_unique($names));
    }

    private static function count(Expression $expression, string $name): int
    {
        return match (true) {
            $expression instanceof Name => $expression->name === $name ? 1 : 0,
            $expression instanceof Operation => self::count($expression->left, $name) + self::count($expression->right, $name),
            $expression instanceof Bracketed,
            $expression instanceof Negation,
            $expression instanceof Root,
            $expression instanceof NamedFunction => self::count($expression->inner, $name),
            default => 0,
        };
    }

    /**
     * One operation taken off the side that holds the name and undone on the other.
     *
     * @return array{Expression, Expression}
     */
    private static function undone(Expression $side, Expression $other, string $name): array
    {
        if ($side instanceof Bracketed) {
            return [$side->inner, $other];
        }
        if ($side instanceof Negation) {
            return [$side->inner, new Negation(self::held($other))];
        }
        if ($side instanceof Root) {
            return [$side->inner, new Operation('^', self::held($other), self::whole($side->degree))];
        }
        if ($side instanceof NamedFunction) {
            return [$side->inner, self::inverse($side->name, $other, $name)];
        }
        if (! $side instanceof Operation) {
            throw MathsError::notRearranged($name);
        }
        $isLeft = self::count($side->left, $name) === 1;
        [$inner, $rest] = $isLeft ? [$side->left, $side->right] : [$side->right, $side->left];

        return [$inner, match ($side->sign) {
            '+' => new Operation('-', $other, self::heldSum($rest)),
            '-' => $isLeft ? new Operation('+', $other, $rest) : new Operation('-', $rest, self::heldSum($other)),
            '×', 'implicit', 'of' => self::quotient($other, $rest),
            '/', '÷' => $isLeft
                ? new Operation('×', self::held($other), self::held($rest))
                : new Operation('/', self::held($rest), self::held($other)),
            default => self::rootOf($side, $other, $isLeft, $name),
        }];
    }

    /** A fraction that is divided once more gets a longer denominator and no second bar. */
    private static function quotient(Expression $top, Expression $bottom): Expression
    {
        return $top instanceof Operation && $top->sign === '/'
            ? new Operation('/', $top->left, new Bracketed(new Operation('×', Bracketed::opened($top->right), self::held($bottom))))
            : new Operation('/', self::held($top), self::held($bottom));
    }

    private static function rootOf(Operation $power, Expression $other, bool $isBase, string $name): Expression
    {
        if (! $isBase) {
            // 2^n = 8: how often two is multiplied.
            return new Operation(
                '/',
                new NamedFunction('log', new Bracketed(Bracketed::opened($other))),
                new NamedFunction('log', new Bracketed(Bracketed::opened($power->left))),
            );
        }
        $degree = $power->right instanceof Number ? $power->right->typed() : '';
        if (! in_array($degree, ['2', '3', '4', '5', '6'], true)) {
            throw MathsError::notRearranged($name);
        }

        return new Root(new Bracketed($other), (int) $degree);
    }

    /** @throws MathsError */
    private static function inverse(string $function, Expression $other, string $name): Expression
    {
        $held = new Bracketed(Bracketed::opened($other));

        return match ($function) {
            'sin', 'cos', 'tan' => new NamedFunction(NamedFunction::INVERSE[$function], $held),
            'asin', 'acos', 'atan' => new NamedFunction((string) array_search($function, NamedFunction::INVERSE, true), $held),
            'ln' => new NamedFunction('exp', $held),
            'exp' => new NamedFunction('ln', $held),
            'log' => new Operation('^', self::whole(10), $held),
            default => throw MathsError::notRearranged($name),
        };
    }

    /** Sums keep together in brackets when something is done to them as a whole. */
    private static function held(Expression $expression): Expression
    {
        return $expression instanceof Operation && in_array($expression->sign, ['+', '-', '/', '×', 'implicit'], true)
            ? new Bracketed($expression)
            : $expression;
    }

    private static function heldSum(Expression $expression): Expression
    {
        return $expression instanceof Operation && in_array($expression->sign, ['+', '-'], true) ? new Bracketed($expression) : $expression;
    }

    private static function whole(int $number): Number
    {
        return new Number(\Brick\Math\BigRational::of($number), (string) $number, Unit::none());
    }
}
