<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Brick\Math\BigRational;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** What a name comes to that stands in an equation squared and plain: the root that makes sense is the positive one. */
final readonly class QuadraticRoot implements Expression
{
    /** Units tried for a name whose unit nobody has said. */
    private const UNITS = ['', 's', 'm', 'm/s', 'm/s²', 'kg', 'A', 'V', 'N'];

    public function __construct(public Expression $left, public Expression $right, public string $name)
    {
    }

    public function evaluate(array $known): Quantity
    {
        return $this->roots($known)[0];
    }

    /**
     * Both, the one that makes sense first.
     *
     * @param  array<string, Quantity>  $known
     * @return non-empty-list<Quantity>
     *
     * @throws MathsError
     */
    public function roots(array $known): array
    {
        [[$a, $b, $c], $unit] = [$this->coefficients($known), $this->unit($known)];
        if ($a->isZero()) {
            return [Quantity::of($c->negated()->dividedBy($b->isZero() ? throw MathsError::notRearranged($this->name) : $b), $unit)];
        }
        $inside = $b->power(2)->minus($a->multipliedBy($c)->multipliedBy(4));
        if ($inside->isNegative()) {
            throw MathsError::noRealRoot($this->name);
        }
        $root = Quantity::of($inside)->root();
        $roots = array_map(
            static fn (int $sign): Quantity => new Quantity(
                $root->value->multipliedBy($sign)->minus($b)->dividedBy($a->multipliedBy(2))->simplified(),
                $unit,
                $root->exact,
            ),
            [1, -1],
        );
        usort($roots, static fn (Quantity $one, Quantity $other): int => $other->value->compareTo($one->value));
        // Of two positive ones the first to come: a ball is at a height on its way up before it is there on its way down.
        if (count($roots) === 2 && $roots[1]->value->isPositive()) {
            $roots = array_reverse($roots);
        }

        return $roots[0]->equals($roots[1]) ? [$roots[0]] : $roots;
    }

    /**
     * a, b and c of a x² + b x + c = 0, in the coherent units.
     *
     * @param  array<string, Quantity>  $known
     * @return array{BigRational, BigRational, BigRational}
     *
     * @throws MathsError when it is not of this kind
     */
    public function coefficients(array $known): array
    {
        $plain = array_map(
            static fn (Quantity $each): Quantity => new Quantity(
                $each->in(Units::coherent($each->unit))->value,
                Unit::none(),
                $each->exact,
            ),
            $known,
        );
        $at = fn (int $x): BigRational => $this->right->evaluate([$this->name => Quantity::of($x)] + $plain)
            ->minus($this->left->evaluate([$this->name => Quantity::of($x)] + $plain))->value;
        [$zero, $one, $minus, $two] = [$at(0), $at(1), $at(-1), $at(2)];
        $a = $one->plus($minus)->dividedBy(2)->minus($zero);
        $b = $one->minus($minus)->dividedBy(2);
        if (! $a->multipliedBy(4)->plus($b->multipliedBy(2))->plus($zero)->isEqualTo($two)) {
            throw MathsError::notRearranged($this->name);
        }

        return [$a->simplified(), $b->simplified(), $zero->simplified()];
    }

    public function value(array $known): float
    {
        return NAN;
    }

    public function tex(): string
    {
        return $this->name;
    }

    public function strength(): int
    {
        return 5;
    }

    /** @param  array<string, Quantity>  $known */
    private function unit(array $known): Unit
    {
        $coherent = array_map(static fn (Quantity $each): Quantity => $each->in(Units::coherent($each->unit)), $known);
        foreach (self::UNITS as $symbol) {
            $unit = Units::read($symbol);
            try {
                $this->right->evaluate([$this->name => Quantity::of(1, $unit)] + $coherent)
                    ->minus($this->left->evaluate([$this->name => Quantity::of(1, $unit)] + $coherent));

                return $unit;
            } catch (MathsError) {
                continue;
            }
        }

        return Unit::none();
    }
}
