<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Daybright\Maths\Dimension;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** A function with a name: of an angle in degrees where a degree sign is written, otherwise in radians; “log” is to the base ten. */
final readonly class NamedFunction implements Expression
{
    private const TEX = [
        'sin' => '\\sin',
        'cos' => '\\cos',
        'tan' => '\\tan',
        'asin' => '\\sin^{-1}',
        'acos' => '\\cos^{-1}',
        'atan' => '\\tan^{-1}',
        'ln' => '\\ln',
        'log' => '\\log',
        'exp' => '\\exp',
        'abs' => '',
    ];

    public const INVERSE = ['sin' => 'asin', 'cos' => 'acos', 'tan' => 'atan'];

    /** Angles at which a sine is a fraction. */
    private const SINES = [0 => '0', 30 => '1/2', 90 => '1', 150 => '1/2', 180 => '0', 210 => '-1/2', 270 => '-1', 330 => '-1/2'];

    private const TANGENTS = [0 => '0', 45 => '1', 135 => '-1', 180 => '0', 225 => '1', 315 => '-1'];

    public function __construct(public string $name, public Expression $inner)
    {
    }

    public static function isKnown(string $name): bool
    {
        return isset(self::TEX[$name]);
    }

    public function evaluate(array $known): Quantity
    {
        $inner = $this->inner->evaluate($known);
        if ($this->name === 'abs') {
            return new Quantity($inner->value->abs(), $inner->unit, $inner->exact);
        }
        $isAngle = $inner->unit->dimension() === Dimension::Angle;
        if (! $inner->unit->isNone() && ! $isAngle) {
            throw MathsError::unlikeUnits($inner->unit, Unit::none());
        }
        // “sin 30” may mean degrees or radians: what is not said is not guessed.
        $isAmbiguous = in_array($this->name, ['sin', 'cos', 'tan'], true) && ! $isAngle && $inner->exact && ! $inner->value->isZero();
        if ($isAmbiguous) {
            throw MathsError::degreesOrRadians($this->name);
        }
        $exact = $this->exactly($inner, $isAngle);
        if ($exact !== null) {
            return Quantity::of($exact);
        }
        $value = $this->of($isAngle ? deg2rad($inner->base()->toFloat()) : $inner->value->toFloat());
        if (! is_finite($value)) {
            throw MathsError::noValue($this->name);
        }

        return in_array($this->name, self::INVERSE, true) ? $this->angle($value) : Quantity::approximately($value);
    }

    public function value(array $known): float
    {
        return $this->of($this->inner->value($known));
    }

    public function tex(): string
    {
        if ($this->name === 'abs') {
            return '\\left|'.Bracketed::opened($this->inner)->tex().'\\right|';
        }

        return self::TEX[$this->name].($this->inner instanceof Bracketed ? '' : ' ').$this->inner->tex();
    }

    public function strength(): int
    {
        return 4;
    }

    /** Where it comes out even: the sine of 30°, the logarithm of 100. */
    private function exactly(Quantity $inner, bool $isAngle): ?BigRational
    {
        if (! $inner->exact) {
            return null;
        }
        if ($this->name === 'log') {
            return self::powerOfTen($inner->value->simplified());
        }
        if (
            ! $isAngle
            || ! in_array($this->name, ['sin', 'cos', 'tan'], true)
            || ! $inner->base()->simplified()->getDenominator()->isEqualTo(1)
        ) {
            return null;
        }
        $degrees = $inner->base()->simplified()->getNumerator()->mod(360)->toInt();
        $found = match ($this->name) {
            'sin' => self::SINES[$degrees] ?? null,
            'cos' => self::SINES[($degrees + 90) % 360] ?? null,
            default => self::TANGENTS[$degrees] ?? null,
        };

        return $found === null ? null : BigRational::of($found);
    }

    private static function powerOfTen(BigRational $value): ?BigRational
    {
        [$top, $bottom] = [(string) $value->getNumerator(), (string) $value->getDenominator()];

        return match (true) {
            $bottom === '1' && preg_match('/^1(0*)$/', $top, $zeros) === 1 => BigRational::of(strlen($zeros[1])),
            $top === '1' && preg_match('/^1(0*)$/', $bottom, $zeros) === 1 => BigRational::of(-strlen($zeros[1])),
            default => null,
        };
    }

    private function angle(float $radians): Quantity
    {
        $degrees = rad2deg($radians);
        $nearest = BigRational::of((string) BigRational::of(sprintf('%.9F', $degrees))->toScale(0, RoundingMode::HALF_UP));
        $unit = Units::called('°') ?? Unit::none();

        return abs($degrees - $nearest->toFloat()) < 1e-9 ? Quantity::of($nearest, $unit) : Quantity::approximately($degrees, $unit);
    }

    private function of(float $inner): float
    {
        return match ($this->name) {
            'sin' => sin($inner),
            'cos' => cos($inner),
            'tan' => abs(cos($inner)) < 1e-12 ? NAN : tan($inner),
            'asin' => abs($inner) <= 1 ? asin($inner) : NAN,
            'acos' => abs($inner) <= 1 ? acos($inner) : NAN,
            'atan' => atan($inner),
            'ln' => $inner > 0 ? log($inner) : NAN,
            'log' => $inner > 0 ? log10($inner) : NAN,
            'exp' => exp($inner),
            default => abs($inner),
        };
    }
}
