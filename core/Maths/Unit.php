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
    /** @param  array<string, int>  $dimensions exponent of each base quantity, none of them zero, sorted by name */
    private function __construct(private string $symbol, public array $dimensions, public BigRational $factor)
    {
    }

    public static function none(): self
    {
        return new self('', [], BigRational::one());
    }

    public static function percent(): self
    {
        return new self('%', [], BigRational::of('1/100'));
    }

    /** @param  array<string, int>  $dimensions */
    public static function of(string $symbol, array $dimensions, BigRational|int|string $factor): self
    {
        $dimensions = array_filter($dimensions);
        ksort($dimensions);

        return new self($symbol, $dimensions, BigRational::of($factor));
    }

    public function times(self $other): self
    {
        return self::of(self::join($this, $other, ' '), self::sum($this->dimensions, $other->dimensions, 1), $this->factor->multipliedBy($other->factor));
    }

    public function per(self $other): self
    {
        $symbol = $other->isNone() ? $this->symbol : $this->symbol.'/'.$other->symbol;

        return self::of($symbol, self::sum($this->dimensions, $other->dimensions, -1), $this->factor->dividedBy($other->factor));
    }

    public function power(int $exponent): self
    {
        if ($exponent === 1 || $this->isNone()) {
            return $this;
        }
        $dimensions = array_map(static fn (int $each): int => $each * $exponent, $this->dimensions);
        $factor = $exponent >= 0 ? $this->factor->power($exponent) : $this->factor->reciprocal()->power(-$exponent);

        return self::of($this->symbol.self::superscript($exponent), $dimensions, $factor);
    }

    /** The unit whose square this is: cm for cm², m/s for J/kg; none where it is no square. */
    public function root(): ?self
    {
        if (preg_match('/^(\p{L}+)²$/u', $this->symbol, $match) === 1) {
            return Units::called($match[1]);
        }
        if (array_filter($this->dimensions, static fn (int $exponent): bool => $exponent % 2 !== 0) !== []) {
            return null;
        }
        $root = Units::coherent(new self('', array_map(static fn (int $exponent): int => intdiv($exponent, 2), $this->dimensions), BigRational::one()));

        return $root->factor->power(2)->isEqualTo($this->factor) ? $root : null;
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
        return preg_match('~[ /]~', $this->symbol) === 1;
    }

    /** One name for what is put together from others, as N is for kg m/s². */
    public function isDerived(): bool
    {
        return count($this->dimensions) > 1 && ! $this->isCompound() && array_intersect_key($this->dimensions, ['mass' => 1, 'current' => 1]) !== [];
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

    /** “a length”, “an area”, “a volume”: what a measurement in this unit is called in class. */
    public function kindInWords(): string
    {
        return match ($this->dimensions) {
            [] => 'a plain number',
            ['length' => 1] => 'a length',
            ['length' => 2] => 'an area',
            ['length' => 3] => 'a volume',
            ['mass' => 1] => 'a mass',
            ['time' => 1] => 'a time',
            ['angle' => 1] => 'an angle',
            ['temperature' => 1] => 'a temperature',
            ['length' => 1, 'time' => -1] => 'a speed',
            ['length' => 1, 'time' => -2] => 'an acceleration',
            ['length' => 1, 'mass' => 1, 'time' => -2] => 'a force',
            ['length' => -1, 'mass' => 1, 'time' => -2] => 'a pressure',
            ['length' => 2, 'mass' => 1, 'time' => -2] => 'an energy',
            ['length' => 2, 'mass' => 1, 'time' => -3] => 'a power',
            ['length' => -3, 'mass' => 1] => 'a density',
            ['time' => -1] => 'a frequency',
            ['current' => 1] => 'a current',
            ['current' => -1, 'length' => 2, 'mass' => 1, 'time' => -3] => 'a voltage',
            ['current' => -2, 'length' => 2, 'mass' => 1, 'time' => -3] => 'a resistance',
            ['current' => 1, 'time' => 1] => 'a charge',
            default => match (true) {
                $this->isOnly('money') => 'an amount of money',
                $this->isOnly('temperature') => 'a temperature',
                default => 'another kind of quantity',
            },
        };
    }

    public function isMoney(): bool
    {
        return $this->kindInWords() === 'an amount of money';
    }

    private function isOnly(string $base): bool
    {
        return array_values($this->dimensions) === [1] && str_starts_with((string) array_key_first($this->dimensions), $base);
    }

    private static function join(self $left, self $right, string $between): string
    {
        if ($left->symbol !== '' && $left->symbol === $right->symbol) {
            return $left->symbol.'²';
        }
        if (preg_match('/^(.+)²$/u', $left->symbol, $match) === 1 && $match[1] === $right->symbol) {
            return $right->symbol.'³';
        }

        return trim($left->symbol.$between.$right->symbol);
    }

    private static function superscript(int $exponent): string
    {
        return strtr((string) $exponent, ['0' => '⁰', '1' => '¹', '2' => '²', '3' => '³', '4' => '⁴', '5' => '⁵', '6' => '⁶', '7' => '⁷', '8' => '⁸', '9' => '⁹', '-' => '⁻']);
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
