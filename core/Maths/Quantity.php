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
    private const ONE = [
        'days' => 'day',
        'weeks' => 'week',
        'months' => 'month',
        'years' => 'year',
        'decades' => 'decade',
        'centuries' => 'century',
        'knots' => 'knot',
    ];

    private const HIGHEST_POWER = 1000;

    private const HIGHEST_ROOT = 6;

    /** Some six hundred figures: larger numbers are no school arithmetic, and cost without end. */
    private const MOST_BITS = 2000;

    private const MOST_BITS_OF_FLOAT = 150;

    /** Beyond these a number is written as a power of ten. */
    private const LARGEST_IN_FIGURES = 1_000_000_000_000;

    /** So is a rough number below one part in this many. */
    private const SMALLEST_PART_IN_FIGURES = 10_000;

    /** Fractions of larger parts than these are written as fractions, others as decimals. */
    private const LARGEST_DENOMINATOR = 1000;

    private const LARGEST_DENOMINATOR_OF_A_MEASURE = 99;

    /**
     * @param  int|null  $places figures after the point that are written, noughts too: 66.0 cm³ was measured to three figures
     * @param  bool  $inPowers whether it was written as a power of ten, and is written so again
     */
    public function __construct(
        public BigRational $value,
        public Unit $unit,
        public bool $exact = true,
        public ?int $places = null,
        public bool $inPowers = false,
    ) {
    }

    /** The same value, to be written with other figures. */
    public function withFigures(?int $places, bool $inPowers): self
    {
        return new self($this->value, $this->unit, $this->exact, $places, $inPowers);
    }

    public static function of(BigRational|BigDecimal|BigInteger|int|string $value, ?Unit $unit = null): self
    {
        return new self(BigRational::of($value)->simplified(), $unit ?? Unit::none());
    }

    /**
     * What a root, an angle or a curve came to: good to ten figures, not exact.
     *
     * @throws MathsError for a number too large to be written
     */
    public static function approximately(float $value, ?Unit $unit = null): self
    {
        if (! is_finite($value)) {
            throw MathsError::tooLarge();
        }

        return new self(BigRational::of(sprintf('%.14e', $value)), $unit ?? Unit::none(), false);
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

        return (new self(
            $this->value->multipliedBy($other->value),
            $this->unit->times($other->unit),
            $exact,
            null,
            $this->inPowers || $other->inPowers,
        ))->reduced();
    }

    /** What stands above and below in units of one kind is written in one of them, and cancelled: 5 km/h for 30 min is 2.5 km. */
    private function reduced(): self
    {
        [$unit, $times] = $this->unit->reduced();

        return new self($this->value->multipliedBy($times)->simplified(), $unit, $this->exact, null, $this->inPowers);
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

        return (new self(
            $this->value->dividedBy($other->value),
            $this->unit->per($other->unit),
            $exact,
            null,
            $this->inPowers || $other->inPowers,
        ))->reduced();
    }

    /** Whole powers, and those that are roots: 2³⁰, 9^0.5, 8^(1/3). */
    public function power(self $exponent): self
    {
        if (! $exponent->unit->isNone()) {
            throw MathsError::notAPower();
        }
        $power = $exponent->value->simplified();
        if (! $power->getDenominator()->isEqualTo(1)) {
            return $this->fractionalPower($power, $exponent->exact);
        }
        if ($power->abs()->isGreaterThan(self::HIGHEST_POWER)) {
            throw MathsError::tooLarge();
        }
        $n = $power->toInt();
        if ($n < 0 && $this->value->isZero()) {
            throw MathsError::divisionByZero();
        }
        if (abs($n) * max($this->value->getNumerator()->getBitLength(), $this->value->getDenominator()->getBitLength()) > self::MOST_BITS) {
            throw MathsError::tooLarge();
        }
        $value = $n >= 0 ? $this->value->power($n) : $this->value->reciprocal()->power(-$n);

        return new self($value->simplified(), $this->unit->power($n), $this->exact);
    }

    private function fractionalPower(BigRational $power, bool $isExact): self
    {
        $degree = $power->getDenominator();
        if ($isExact && $degree->isLessThanOrEqualTo(self::HIGHEST_ROOT)) {
            return $this->root($degree->toInt())->power(self::of($power->getNumerator()));
        }
        if (! $this->unit->isNone() || $this->value->isNegative()) {
            throw MathsError::notAPower();
        }
        $value = $this->value->toFloat() ** $power->toFloat();

        return is_finite($value) ? self::approximately($value) : throw MathsError::tooLarge();
    }

    /**
     * A root: exact for perfect powers, otherwise to fifteen figures.
     *
     * @param  int  $degree 2 for a square root, 3 for a cube root
     */
    public function root(int $degree = 2): self
    {
        if ($this->value->isNegative()) {
            return $degree % 2 === 0
                ? throw MathsError::notARoot()
                : self::of($this->value->negated(), $this->unit)->root($degree)->times(self::of(-1));
        }
        $unit = $this->unit->isNone() ? $this->unit : $this->unit->root($degree);
        $coherent = Units::coherent($this->unit);
        if ($unit === null) {
            return $coherent->root($degree) === null ? throw MathsError::notASquare($this->unit) : $this->in($coherent)->root($degree);
        }
        $value = $this->value->simplified();
        [$top, $bottom] = [self::wholeRoot($value->getNumerator(), $degree), self::wholeRoot($value->getDenominator(), $degree)];
        if ($top !== null && $bottom !== null) {
            return new self(BigRational::nd($top, $bottom), $unit, $this->exact);
        }

        return new self(BigRational::of(sprintf('%.15e', $value->toFloat() ** (1 / $degree))), $unit, false);
    }

    private static function wholeRoot(BigInteger $number, int $degree): ?BigInteger
    {
        if ($degree === 2) {
            $root = $number->sqrt();
        } else {
            $near = $number->getBitLength() > self::MOST_BITS_OF_FLOAT
                ? null
                : BigInteger::of((int) round($number->toFloat() ** (1 / $degree)));
            $root = $near;
        }

        return $root !== null && $root->power($degree)->isEqualTo($number) ? $root : null;
    }

    /** @throws MathsError when the kinds differ */
    public function in(Unit $unit): self
    {
        if (! $this->unit->measuresLike($unit)) {
            throw MathsError::unlikeUnits($this->unit, $unit);
        }

        return new self($this->base()->dividedBy($unit->factor)->simplified(), $unit, $this->exact, null, $this->inPowers);
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
            in_array($symbol, Units::MONEY, true) => str_starts_with($number, '−')
                ? '−'.$symbol.$this->money(mb_substr($number, 1))
                : $symbol.$this->money($number),
            in_array($symbol, ['%', '°', 'p', '¢'], true) => $number.$symbol,
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
        if ($this->isBeyondFigures($value)) {
            return StandardForm::write($value, $this->exact ? 10 : 5);
        }
        if ($this->places !== null) {
            return self::grouped((string) $value->toScale($this->places, RoundingMode::HALF_UP));
        }
        if (! $this->exact) {
            return self::grouped(rtrim(
                rtrim((string) $value->toScale($value->abs()->isLessThan('1/100') ? 7 : 4, RoundingMode::HALF_UP), '0'),
                '.',
            ));
        }
        $decimal = self::decimal($value);
        if ($decimal !== null) {
            return self::grouped((string) $decimal->toScale(max(0, $decimal->getScale())));
        }
        // A measure is written in figures, whatever became of it; a plain fraction stays one.
        if (
            ! $this->unit->isNone() && $value->getDenominator()->isGreaterThan(self::LARGEST_DENOMINATOR_OF_A_MEASURE)
            || $value->getDenominator()->isGreaterThan(self::LARGEST_DENOMINATOR)
        ) {
            return self::grouped((string) SignificantFigures::decimal($value, 3));
        }

        return str_replace('-', '−', $value->getNumerator().'/'.$value->getDenominator());
    }

    /** The decimal that it is, where one ends within six places. */
    private static function decimal(BigRational $value): ?BigDecimal
    {
        try {
            $decimal = $value->toBigDecimal()->stripTrailingZeros();
        } catch (MathException) {
            return null;
        }

        return $decimal->getScale() <= 6 ? $decimal : null;
    }

    private function isBeyondFigures(BigRational $value): bool
    {
        if ($value->isZero()) {
            return false;
        }
        $numerator = $value->getNumerator()->abs();
        $denominator = $value->getDenominator();
        if ($numerator->isGreaterThanOrEqualTo($denominator->multipliedBy($this->inPowers ? 1000 : self::LARGEST_IN_FIGURES))) {
            return true;
        }
        $isRough = ! $this->exact || $denominator->isGreaterThan(self::LARGEST_DENOMINATOR * 10);

        return $isRough && $numerator->multipliedBy(self::SMALLEST_PART_IN_FIGURES)->isLessThan($denominator);
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
        if ($this->unit->isPercent() !== $other->unit->isPercent()) {
            throw MathsError::ambiguousPercent();
        }
        $addend = $other->in($this->unit)->value->multipliedBy($sign);

        return new self($this->value->plus($addend)->simplified(), $this->unit, $this->exact && $other->exact);
    }
}
