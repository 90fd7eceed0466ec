<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;

/** a x + b y = c */
final readonly class LinearEquation
{
    /** @param  string  $source as it was typed; empty when it was made here */
    private function __construct(public BigRational $a, public BigRational $b, public BigRational $c, private string $source = '')
    {
    }

    public static function withCoefficients(BigRational|int $a, BigRational|int $b, BigRational|int $c): self
    {
        return new self(BigRational::of($a)->simplified(), BigRational::of($b)->simplified(), BigRational::of($c)->simplified());
    }

    /**
     * Reads “2x + 3y = 12” or “y = 2x − 1”, whatever stands on which side.
     *
     * @throws MathsError when it is not an equation, or not a linear one in x and y
     */
    public static function read(string $written): self
    {
        $sides = explode('=', $written);
        if (count($sides) !== 2) {
            throw MathsError::notLinear($written);
        }
        $left = Parser::readWith($sides[0], ['x', 'y']);
        $right = Parser::readWith($sides[1], ['x', 'y']);
        // left − right at four places tells its coefficients, and at a fifth whether it is linear at all.
        $at = static function (int $x, int $y) use ($left, $right): BigRational {
            $known = ['x' => Quantity::of($x), 'y' => Quantity::of($y)];

            return $left->evaluate($known)->minus($right->evaluate($known))->value;
        };
        $zero = $at(0, 0);
        [$a, $b] = [$at(1, 0)->minus($zero), $at(0, 1)->minus($zero)];
        $expected = $zero->plus($a->multipliedBy(3))->plus($b->multipliedBy(5));
        if (! $at(3, 5)->isEqualTo($expected) || ($a->isZero() && $b->isZero())) {
            throw MathsError::notLinear($written);
        }

        return new self(
            $a->simplified(),
            $b->simplified(),
            $zero->negated()->simplified(),
            trim((string) preg_replace(['/\s*=\s*/', '/\s*-\s*/', '/\s*\+\s*/', '/^ − /'], [' = ', ' − ', ' + ', '−'], $written)),
        );
    }

    public function left(BigRational $x, BigRational $y): BigRational
    {
        return $this->a->multipliedBy($x)->plus($this->b->multipliedBy($y))->simplified();
    }

    /** The y that goes with an x; null when the line stands upright. */
    public function yAt(BigRational $x): ?BigRational
    {
        return $this->b->isZero() ? null : $this->c->minus($this->a->multipliedBy($x))->dividedBy($this->b)->simplified();
    }

    public function determinant(self $other): BigRational
    {
        return $this->a->multipliedBy($other->b)->minus($this->b->multipliedBy($other->a));
    }

    public function written(string $x = 'x', string $y = 'y'): string
    {
        return $this->source !== '' && $x === 'x' && $y === 'y'
            ? $this->source
            : self::sum([[$this->a, $x], [$this->b, $y]]).' = '.Quantity::of($this->c)->number();
    }

    /** Decimals and fractions are not mixed: where one number has no exact decimal, all of them are fractions. */
    public static function number(BigRational $value, bool $inFractions = false): string
    {
        $value = $value->simplified();
        $isFraction = $inFractions && ! $value->getDenominator()->isEqualTo(1);

        return $isFraction ? str_replace('-', '−', $value->getNumerator().'/'.$value->getDenominator()) : Quantity::of($value)->number();
    }

    /** @param  list<array{BigRational, string}>  $terms */
    public static function sum(array $terms, bool $inFractions = false): string
    {
        $written = '';
        foreach ($terms as [$coefficient, $name]) {
            if ($coefficient->isZero()) {
                continue;
            }
            $size = $coefficient->abs();
            $number = $name !== '' && $size->isEqualTo(1) ? '' : self::number($size, $inFractions);
            if (str_contains($number, '/') && $name !== '') {
                $number = "({$number})";
            }
            $sign = $coefficient->isNegative() ? '−' : '+';
            $written .= $written === '' ? ($sign === '−' ? '−' : '').$number.$name : " {$sign} {$number}{$name}";
        }

        return $written === '' ? '0' : $written;
    }
}
