<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** A function with a name: of an angle in degrees where a degree sign is written, otherwise in radians. */
final readonly class NamedFunction implements Expression
{
    private const TEX = ['sin' => '\\sin', 'cos' => '\\cos', 'tan' => '\\tan', 'ln' => '\\ln', 'log' => '\\log', 'exp' => '\\exp', 'abs' => ''];

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
        $isAngle = $inner->unit->kindInWords() === 'an angle';
        if (! $inner->unit->isNone() && ! $isAngle) {
            throw MathsError::unlikeUnits($inner->unit, Unit::none());
        }
        // “sin 30” may mean degrees or radians, and “log” has more than one base: what is not said is not guessed.
        $isAmbiguous = $this->name === 'log' || (in_array($this->name, ['sin', 'cos', 'tan'], true) && ! $isAngle && $inner->exact && ! $inner->value->isZero());
        if ($isAmbiguous) {
            throw MathsError::noValue($this->name);
        }
        $value = $this->of($isAngle ? deg2rad($inner->base()->toFloat()) : $inner->value->toFloat());

        return is_finite($value) ? Quantity::approximately($value) : throw MathsError::noValue($this->name);
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

    private function of(float $inner): float
    {
        return match ($this->name) {
            'sin' => sin($inner),
            'cos' => cos($inner),
            'tan' => abs(cos($inner)) < 1e-12 ? NAN : tan($inner),
            'ln' => $inner > 0 ? log($inner) : NAN,
            'log' => $inner > 0 ? log10($inner) : NAN,
            'exp' => exp($inner),
            default => abs($inner),
        };
    }
}
