<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** A number with its unit; exact unless a root or π has come into it. */
final readonly class Quantity
{
    /** Units that are written as words have a form for one. */
    private const ONE = ['days' => 'day', 'weeks' => 'week', 'months' => 'month', 'years' => 'year'];

    public function __construct(public BigRational $value, public Unit $unit, public bool $exact = true)
    {
    }

    public static function of(BigRational|BigDecimal|BigInteger|int|string $value, ?Unit $unit = null): self
    {
        return new self(BigRational::of($value)->simplified(), $unit ?? Unit::none());
    }

    /** What a root, an angle or a curve came to: good to ten figures, not exact. */
    public static function approximately(float $value, ?Unit $unit = null): self
    {
        return new self(BigRational::of(sprintf('%.10F', $value)), $unit ?? Unit::none(), false);
    }

    /**
     * Reads a typed quantity such as “2.4 m”, “3/4” or “1 1/2 litres”.
     *
     * @throws MathsError
     */
    public static function read(string $written): self
    {
        return (new Parser(Tokens::ofMeasure($written)))->parseWhole()->evaluate([]);
    }

    public function plus(self $other): self
    {
        return $this->added($other, 1);
    }

    public function minus(self $other): self
    {
        return $this->added($other, -1);
    }

    public function times(self $other): self
    {
        $exact = $this->exact && $other->exact;
        // “30% of 50 kg” is a mass: a percent is a plain number once it is multiplied.
        if ($this->unit->isPercent()) {
            return new self($this->plain()->multipliedBy($other->value)->simplified(), $other->unit, $exact);
        }
        if ($other->unit->isPercent()) {
            return new self($this->value->multipliedBy($other->plain())->simplified(), $this->unit, $exact);
        }

        return new self($this->value->multipliedBy($other->value)->simplified(), $this->unit->times($other->unit), $exact);
    }

    public function over(self $other): self
    {
        if ($other->value->isZero()) {
            throw MathsError::divisionByZero();
        }
        $exact = $this->exact && $other->exact;
        if ($this->unit->measuresLike($other->unit) && ! $this->unit->isNone()) {
            return new self($this->base()->dividedBy($other->base())->simplified(), Unit::none(), $exact);
        }

        return new self($this->value->dividedBy($other->value)->simplified(), $this->unit->per($other->unit), $exact);
    }

    public function power(self $exponent): self
    {
        if (! $exponent->unit->isNone() || ! $exponent->value->simplified()->getDenominator()->isEqualTo(1) || $exponent->value->abs()->isGreaterThan(20)) {
            throw MathsError::notAPower();
        }
        $n = $exponent->value->toInt();
        if ($n < 0 && $this->value->isZero()) {
            throw MathsError::divisionByZero();
        }
        $value = $n >= 0 ? $this->value->power($n) : $this->value->reciprocal()->power(-$n);

        return new self($value->simplified(), $this->unit->power($n), $this->exact);
    }

    /** Square root: exact for perfect squares, otherwise to fifteen figures. */
    public function root(): self
    {
        if ($this->value->isNegative()) {
            throw MathsError::notARoot();
        }
        $unit = $this->unit->isNone() ? $this->unit : $this->unit->root();
        $coherent = Units::coherent($this->unit);
        if ($unit === null) {
            return $coherent->root() === null ? throw MathsError::notASquare($this->unit) : $this->in($coherent)->root();
        }
        $value = $this->value->simplified();
        $top = $value->getNumerator()->sqrt();
        $bottom = $value->getDenominator()->sqrt();
        if ($top->power(2)->isEqualTo($value->getNumerator()) && $bottom->power(2)->isEqualTo($value->getDenominator())) {
            return new self(BigRational::nd($top, $bottom), $unit, $this->exact);
        }

        return new self(BigRational::of(sprintf('%.15F', sqrt($value->toFloat()))), $unit, false);
    }

    /** @throws MathsError when the kinds differ */
    public function in(Unit $unit): self
    {
        if (! $this->unit->measuresLike($unit)) {
            throw MathsError::unlikeUnits($this->unit, $unit);
        }

        return new self($this->base()->dividedBy($unit->factor)->simplified(), $unit, $this->exact);
    }

    /** The number of base units. */
    public function base(): BigRational
    {
        return $this->value->multipliedBy($this->unit->factor);
    }

    public function equals(self $other): bool
    {
        if (! $this->unit->measuresLike($other->unit)) {
            return false;
        }
        if ($this->exact && $other->exact) {
            return $this->base()->isEqualTo($other->base());
        }
        $left = $this->base()->toFloat();
        $right = $other->base()->toFloat();

        return abs($left - $right) <= 1e-9 * max(abs($left), abs($right), 1e-30);
    }

    public function isWhole(): bool
    {
        return $this->value->simplified()->getDenominator()->isEqualTo(1);
    }

    /** “2.4 m”, “£3.50”, “3/4”: a decimal where one ends within six places, otherwise a fraction. */
    public function written(): string
    {
        $number = $this->number();
        $symbol = $number === '1' ? self::ONE[$this->unit->symbol()] ?? $this->unit->symbol() : $this->unit->symbol();

        return match (true) {
            $symbol === '' => $number,
            in_array($symbol, ['£', '$', '€'], true) => $symbol.$this->money($number),
            in_array($symbol, ['%', '°', 'p'], true) => $number.$symbol,
            default => $number."\u{00A0}".$symbol,
        };
    }

    /** To two decimal places, or three figures below one: as much as a lesson needs of a number that is not exact. */
    public function rounded(): self
    {
        $size = abs($this->value->toFloat());
        $places = $size >= 1 || $size === 0.0 ? 2 : 2 + (int) ceil(-log10($size));

        return new self(BigRational::of((string) $this->value->toScale($places, RoundingMode::HALF_UP)), $this->unit, $this->exact);
    }

    public function number(): string
    {
        $value = $this->value->simplified();
        if (! $this->exact) {
            return self::grouped(rtrim(rtrim((string) $value->toScale(4, RoundingMode::HALF_UP), '0'), '.'));
        }
        try {
            $decimal = $value->toBigDecimal();
            if ($decimal->getScale() <= 6) {
                return self::grouped((string) $decimal->stripTrailingZeros()->toScale(max(0, $decimal->stripTrailingZeros()->getScale())));
            }
        } catch (MathException) {
            // A recurring decimal is written as a fraction.
        }

        return str_replace('-', '−', $value->getNumerator().'/'.$value->getDenominator());
    }

    /** The number in plain figures, as it is typed. */
    public function typedNumber(): string
    {
        return str_replace(["\u{202F}", '−'], ['', '-'], $this->number());
    }

    /** The quantity as it is typed: “2.4 m”, “£3.50”. */
    public function typed(): string
    {
        return str_replace(["\u{00A0}", "\u{202F}", '−'], [' ', '', '-'], $this->written());
    }

    private function money(string $number): string
    {
        return str_contains($number, '.') ? (string) preg_replace('/\.(\d)$/', '.${1}0', $number) : $number;
    }

    /** School practice: thousands apart by a thin gap from five figures on, and a real minus sign. */
    private static function grouped(string $number): string
    {
        [$whole, $rest] = array_pad(explode('.', $number, 2), 2, '');
        $digits = ltrim($whole, '-');
        if (strlen($digits) > 4) {
            $digits = strrev(implode(strrev("\u{202F}"), str_split(strrev($digits), 3)));
        }

        return ($whole[0] === '-' ? '−' : '').$digits.($rest === '' ? '' : '.'.$rest);
    }

    private function plain(): BigRational
    {
        return $this->value->multipliedBy($this->unit->factor);
    }

    private function added(self $other, int $sign): self
    {
        if (! $this->unit->measuresLike($other->unit)) {
            throw MathsError::unlikeUnits($this->unit, $other->unit);
        }
        $addend = $other->in($this->unit)->value->multipliedBy($sign);

        return new self($this->value->plus($addend)->simplified(), $this->unit, $this->exact && $other->exact);
    }
}
