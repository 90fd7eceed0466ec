<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Brick\Math\BigRational;
use Daybright\Maths\Numeral;
use Daybright\Maths\Quantity;
use Daybright\Maths\Tokens;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** A number as it was typed, with its unit if it has one. */
final readonly class Number implements Expression
{
    private float $float;

    public function __construct(private BigRational $value, private string $written, private Unit $unit)
    {
        $this->float = $value->multipliedBy($unit->factor)->toFloat();
    }

    /** As it was typed, with its unit. */
    public function typed(): string
    {
        $symbol = $this->unit->symbol();

        return match (true) {
            $symbol === '' => $this->written,
            in_array($symbol, Units::MONEY, true) => $symbol.$this->written,
            in_array($symbol, ['%', '°', 'p'], true) => $this->written.$symbol,
            default => "{$this->written} {$symbol}",
        };
    }

    public function evaluate(array $known): Quantity
    {
        return Quantity::of($this->value, $this->unit)->withFigures(null, Numeral::isStandardForm($this->written));
    }

    public function value(array $known): float
    {
        return $this->float;
    }

    public function tex(): string
    {
        $number = preg_match('~^(?:(\d+) )?(\d+)/(\d+)$~', $this->written, $match) === 1
            ? $match[1].($match[1] === '' ? '\\frac' : '\\tfrac')."{{$match[2]}}{{$match[3]}}"
            : Numeral::tex($this->written);
        $symbol = $this->unit->symbol();

        return match (true) {
            $symbol === '' => $number,
            in_array($symbol, Units::MONEY, true) => '\\text{'.$symbol.'}'.$number,
            $symbol === '%' => $number.'\\%',
            in_array($symbol, ['°', 'p'], true) => $number.self::unitTex($symbol),
            default => $number.'\\,'.self::unitTex($symbol),
        };
    }

    public function strength(): int
    {
        return 5;
    }

    private static function unitTex(string $symbol): string
    {
        $powers = (string) preg_replace_callback(
            '/[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+/u',
            static fn (array $match): string => '}^{'.Tokens::exponent($match[0]).'}\\mathrm{',
            str_replace(['°', ' '], ['{}^\\circ', '\\,'], $symbol),
        );

        return str_replace('\\mathrm{}', '', '\\mathrm{'.$powers.'}');
    }
}
