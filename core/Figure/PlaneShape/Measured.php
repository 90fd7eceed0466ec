<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Brick\Math\BigRational;
use Daybright\Figure\Fact;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** What all outlines have in common: measures by name, some of them given. */
abstract readonly class Measured implements Outline
{
    /**
     * @param  list<Fact>  $facts
     * @param  list<string>  $given names of the facts that the teacher typed
     */
    protected function __construct(private array $facts, private array $given, private Unit $unit)
    {
    }

    public function unit(): Unit
    {
        return $this->unit;
    }

    public function facts(): array
    {
        return $this->facts;
    }

    public function known(): array
    {
        return array_values(array_filter($this->facts, fn (Fact $fact): bool => in_array($fact->name, $this->given, true)));
    }

    public function following(): array
    {
        return array_values(array_filter($this->facts, fn (Fact $fact): bool => ! in_array($fact->name, $this->given, true)));
    }

    protected function length(string $name): float
    {
        foreach ($this->facts as $fact) {
            if ($fact->name === $name) {
                return $fact->quantity?->value->toFloat() ?? 0.0;
            }
        }

        return 0.0;
    }

    protected function written(string $name): string
    {
        foreach ($this->facts as $fact) {
            if ($fact->name === $name) {
                return $fact->written;
            }
        }

        return '';
    }

    /** A length in the unit of the shape; its square with a power of two. */
    protected function in(int|BigRational $number, int $power = 1): Quantity
    {
        return Quantity::of($number, $this->unit->power($power));
    }
}
