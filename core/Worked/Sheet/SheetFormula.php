<?php

declare(strict_types=1);

namespace Daybright\Worked\Sheet;

use Daybright\Lesson\Fields;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Rearrangement;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** A formula with named quantities, each with what it means and its unit. */
final readonly class SheetFormula
{
    /**
     * @param  array<string, array{string, Unit}>  $quantities name => meaning and unit
     */
    private function __construct(public string $written, public Expression $left, public Expression $right, public array $quantities)
    {
    }

    /**
     * @param  array<string, array{string, string}>  $quantities name => meaning and unit; names left out have neither
     * @param  list<string>  $names further names that are known: “mc²” with m or c among them is m times c²
     *
     * @throws MathsError
     */
    public static function parse(string $written, array $quantities, array $names = []): self
    {
        $written = SideBySide::apart(
            trim($written),
            array_values(array_unique([...array_map(strval(...), array_keys($quantities)), ...$names])),
        );
        $sides = explode('=', $written);
        if (count($sides) !== 2) {
            throw MathsError::unexpected('=', 0);
        }
        $letters = array_values(array_unique([...array_map(strval(...), array_keys($quantities)), ...self::letters($written)]));
        [$left, $right] = [Parser::readWith($sides[0], $letters), Parser::readWith($sides[1], $letters)];
        $known = [];
        foreach ([...Rearrangement::names($left), ...Rearrangement::names($right)] as $name) {
            [$meaning, $unit] = $quantities[$name] ?? [$name, ''];
            $known[$name] = [$meaning === '' ? $name : $meaning, Units::read($unit)];
        }

        return new self(trim($written), $left, $right, $known);
    }

    /** @throws MathsError */
    public static function from(Fields $fields): self
    {
        return self::withNames($fields->text('formula'), $fields->list('names'));
    }

    /**
     * @param  list<Fields>  $names name, meaning and unit of its quantities
     * @param  list<string>  $known further names
     *
     * @throws MathsError
     */
    public static function withNames(string $written, array $names, array $known = []): self
    {
        $quantities = [];
        foreach ($names as $quantity) {
            $quantities[$quantity->text('name')] = [$quantity->text('meaning', ''), $quantity->text('unit', '')];
        }

        return self::parse($written, $quantities, $known);
    }

    /** @return list<array{name: string, meaning: string, unit: string}> */
    public function named(): array
    {
        return array_map(
            fn (string $name): array => [
                'name' => $name,
                'meaning' => $this->quantities[$name][0],
                'unit' => $this->quantities[$name][1]->symbol(),
            ],
            $this->names(),
        );
    }

    /**
     * The same with units for quantities that have none yet.
     *
     * @param  array<string, Unit>  $units by name
     */
    public function withUnits(array $units): self
    {
        $quantities = [];
        foreach ($this->quantities as $name => [$meaning, $unit]) {
            $quantities[$name] = [$meaning, $unit->isNone() ? $units[$name] ?? $unit : $unit];
        }

        return new self($this->written, $this->left, $this->right, $quantities);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->quantities));
    }

    /** @return list<string> single letters that stand alone in the formula */
    private static function letters(string $written): array
    {
        preg_match_all('/(?<!\p{L})(?:Δ\p{L}|\p{L}(?:_\{?\w+\}?|[₀-₉]+)|\p{L})(?!\p{L})/u', $written, $match);

        return array_values(array_diff(array_unique($match[0]), ['π']));
    }
}
