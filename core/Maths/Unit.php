<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;

/**
 * A unit of measure: what kind of thing it measures, and how many base units it is.
 *
 * The base units are the metre, gram, second, degree of arc, degree Celsius, ampere, and one of each currency.
 */
final readonly class Unit
{
    /**
     * @param  array<string, int>  $dimensions exponent of each base quantity, none of them zero, sorted by name
     * @param  array<string, array{self|null, int}>  $parts what it is put together from, by symbol: the unit and its exponent; null stands for this unit itself
     */
    private function __construct(private string $symbol, public array $dimensions, public BigRational $factor, private array $parts)
    {
    }

    public static function none(): self
    {
        return new self('', [], BigRational::one(), []);
    }

    public static function percent(): self
    {
        return new self('%', [], BigRational::of('1/100'), []);
    }

    /** @param  array<string, int>  $dimensions */
    public static function defined(string $symbol, array $dimensions, BigRational|int|string $factor): self
    {
        $dimensions = array_filter($dimensions);
        ksort($dimensions);

        return new self($symbol, $dimensions, BigRational::of($factor), $symbol === '' ? [] : [$symbol => [null, 1]]);
    }

    /** The same unit under a name of its own: mph for mi/h. It is taken apart again when it is reckoned with. */
    public function called(string $symbol): self
    {
        return new self($symbol, $this->dimensions, $this->factor, $this->parts);
    }

    public function times(self $other): self
    {
        return $this->joined($other, 1);
    }

    public function per(self $other): self
    {
        return $this->joined($other, -1);
    }

    public function power(int $exponent): self
    {
        if ($exponent === 1 || $this->isNone()) {
            return $this;
        }
        $parts = array_map(static fn (array $part): array => [$part[0], $part[1] * $exponent], $this->own());

        return self::from($exponent === 0 ? [] : $parts);
    }

    /** The unit whose square this is: cm for cm², m/s for J/kg; none where it is no square. */
    public function root(int $degree = 2): ?self
    {
        $parts = $this->own();
        if ($parts !== [] && array_filter($parts, static fn (array $part): bool => $part[1] % $degree !== 0) === []) {
            return self::from(array_map(static fn (array $part): array => [$part[0], intdiv($part[1], $degree)], $parts));
        }
        if (array_filter($this->dimensions, static fn (int $exponent): bool => $exponent % $degree !== 0) !== []) {
            return null;
        }
        $root = Units::coherent(new self(
            '',
            array_map(static fn (int $exponent): int => intdiv($exponent, $degree), $this->dimensions),
            BigRational::one(),
            [],
        ));

        return $root->factor->power($degree)->isEqualTo($this->factor) ? $root : null;
    }

    /**
     * Hours against minutes, kilometres against metres: what stands above and below the line is written in one unit, and cancelled.
     *
     * @return array{self, BigRational} the unit, and by what a number in the old unit is multiplied
     */
    public function reduced(): array
    {
        $parts = $this->own();
        $times = BigRational::one();
        foreach ($parts as $symbol => $one) {
            foreach ($parts as $other => $two) {
                [$kept, $unit] = [$one[0], $two[0]];
                $power = $parts[$other][1];
                if ($symbol === $other || $parts[$symbol][1] * $power >= 0 || ! $kept->measuresLike($unit)) {
                    continue;
                }
                $ratio = $unit->factor->dividedBy($kept->factor);
                $times = $times->multipliedBy($power >= 0 ? $ratio->power($power) : $ratio->reciprocal()->power(-$power));
                $parts[$symbol] = [$kept, $parts[$symbol][1] + $power];
                $parts[$other] = [$unit, 0];
            }
        }
        $left = array_filter($parts, static fn (array $part): bool => $part[1] !== 0);

        return count($left) === count($parts) ? [$this, $times] : [self::from($left), $times];
    }

    public function isNone(): bool
    {
        return $this->symbol === '' && $this->dimensions === [];
    }

    public function isPercent(): bool
    {
        return $this->symbol === '%';
    }

    /** Put together from others, as km/h and kg m/s are. */
    public function isCompound(): bool
    {
        return count($this->parts) > 1;
    }

    /** One name for what is put together from others, as N is for kg m/s². */
    public function isDerived(): bool
    {
        return count($this->dimensions) > 1
            && ! $this->isCompound()
            && array_intersect_key($this->dimensions, ['mass' => 1, 'current' => 1]) !== [];
    }

    public function measuresLike(self $other): bool
    {
        return $this->dimensions === $other->dimensions;
    }

    public function written(): string
    {
        return $this->symbol === '' ? 'a plain number' : $this->symbol;
    }

    public function symbol(): string
    {
        return $this->symbol;
    }

    public function dimension(): Dimension
    {
        return match ($this->dimensions) {
            [] => Dimension::Number,
            ['length' => 1] => Dimension::Length,
            ['length' => 2] => Dimension::Area,
            ['length' => 3] => Dimension::Volume,
            ['mass' => 1] => Dimension::Mass,
            ['time' => 1] => Dimension::Time,
            ['angle' => 1] => Dimension::Angle,
            ['temperature' => 1] => Dimension::Temperature,
            ['length' => 1, 'time' => -1] => Dimension::Speed,
            ['length' => 1, 'time' => -2] => Dimension::Acceleration,
            ['length' => 1, 'mass' => 1, 'time' => -2] => Dimension::Force,
            ['length' => -1, 'mass' => 1, 'time' => -2] => Dimension::Pressure,
            ['length' => 2, 'mass' => 1, 'time' => -2] => Dimension::Energy,
            ['length' => 2, 'mass' => 1, 'time' => -3] => Dimension::Power,
            ['length' => -3, 'mass' => 1] => Dimension::Density,
            ['time' => -1] => Dimension::Frequency,
            ['current' => 1] => Dimension::Current,
            ['current' => -1, 'length' => 2, 'mass' => 1, 'time' => -3] => Dimension::Voltage,
            ['current' => -2, 'length' => 2, 'mass' => 1, 'time' => -3] => Dimension::Resistance,
            ['current' => 1, 'time' => 1] => Dimension::Charge,
            default => match (true) {
                $this->isOnly('money') => Dimension::Money,
                $this->isOnly('temperature') => Dimension::Temperature,
                default => Dimension::Other,
            },
        };
    }

    /** “a length”, “an area”, “a volume”: what a measurement in this unit is called in class. */
    public function kindInWords(): string
    {
        return $this->dimension()->value;
    }

    public function isMoney(): bool
    {
        return $this->dimension() === Dimension::Money;
    }

    private function isOnly(string $base): bool
    {
        return array_values($this->dimensions) === [1] && str_starts_with((string) array_key_first($this->dimensions), $base);
    }

    private function joined(self $other, int $sign): self
    {
        if ($other->isNone() || $other->isPercent()) {
            return $this;
        }
        if ($this->isPercent()) {
            return self::none()->joined($other, $sign);
        }
        $parts = $this->own();
        foreach ($other->own() as $symbol => [$unit, $exponent]) {
            $parts[$symbol] = [$unit, ($parts[$symbol][1] ?? 0) + $sign * $exponent];
        }

        return self::from(array_filter($parts, static fn (array $part): bool => $part[1] !== 0));
    }

    /** @return array<string, array{self, int}> */
    private function own(): array
    {
        return array_map(fn (array $part): array => [$part[0] ?? $this, $part[1]], $this->parts);
    }

    /** @param  array<string, array{self, int}>  $parts */
    private static function from(array $parts): self
    {
        $dimensions = [];
        $factor = BigRational::one();
        foreach ($parts as [$unit, $exponent]) {
            $dimensions = self::sum($dimensions, array_map(static fn (int $each): int => $each * $exponent, $unit->dimensions), 1);
            $factor = $factor->multipliedBy(
                $exponent >= 0 ? $unit->factor->power($exponent) : $unit->factor->reciprocal()->power(-$exponent),
            );
        }
        if (count($parts) === 1 && current($parts)[1] === 1) {
            return current($parts)[0];
        }
        $dimensions = array_filter($dimensions);
        ksort($dimensions);

        return new self(self::writtenParts($parts), $dimensions, $factor->simplified(), $parts);
    }

    /**
     * “kg m/s²”, “J/(kg K)”; below a line alone as “s⁻¹”.
     *
     * @param  array<string, array{self, int}>  $parts
     */
    private static function writtenParts(array $parts): string
    {
        $raised = static fn (string $symbol, int $exponent): string => $symbol.($exponent === 1 ? '' : Superscript::write($exponent));
        $above = array_filter($parts, static fn (array $part): bool => $part[1] > 0);
        $below = array_diff_key($parts, $above);
        if ($above === []) {
            return implode(
                ' ',
                array_map(static fn (string $symbol, array $part): string => $raised($symbol, $part[1]), array_keys($below), $below),
            );
        }
        $top = implode(
            ' ',
            array_map(static fn (string $symbol, array $part): string => $raised($symbol, $part[1]), array_keys($above), $above),
        );
        $bottom = implode(
            ' ',
            array_map(static fn (string $symbol, array $part): string => $raised($symbol, -$part[1]), array_keys($below), $below),
        );

        return $below === [] ? $top : $top.'/'.(count($below) > 1 ? "({$bottom})" : $bottom);
    }

    /**
     * @param  array<string, int>  $left
     * @param  array<string, int>  $right
     * @return array<string, int>
     */
    private static function sum(array $left, array $right, int $sign): array
    {
        foreach ($right as $name => $exponent) {
            $left[$name] = ($left[$name] ?? 0) + $sign * $exponent;
        }

        return $left;
    }
}
