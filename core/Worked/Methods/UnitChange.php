<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\SignificantFigures;
use Daybright\Maths\Temperature;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Worked\Example;
use Daybright\Worked\Line;
use Daybright\Worked\Method;

/** An amount written in another unit. */
final readonly class UnitChange implements Method
{
    private const PRACTICE = [
        1 => [['m', 'cm'], ['kg', 'g'], ['km', 'm'], ['h', 'min'], ['cm', 'mm'], ['litres', 'ml']],
        2 => [['cm', 'm'], ['g', 'kg'], ['m', 'km'], ['min', 'h'], ['ml', 'litres']],
        3 => [['m²', 'cm²'], ['litres', 'cm³'], ['m³', 'litres'], ['km/h', 'm/s'], ['inches', 'cm'], ['t', 'g'], ['days', 'min']],
    ];

    /** @param  string  $typed the amount as it was typed, which may be in several units */
    private function __construct(private Quantity $amount, private Unit $to, private string $typed)
    {
    }

    public static function name(): string
    {
        return 'units';
    }

    public static function label(): string
    {
        return 'Change the unit';
    }

    public static function blank(): array
    {
        return ['amount' => '2.4 m', 'to' => 'cm'];
    }

    public static function fields(): array
    {
        return [Field::text('amount', 'Amount', '2.4 m'), Field::text('to', 'In which unit', 'cm')];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        try {
            $amount = Quantity::read($reading->text('amount', 'The amount', 40));
        } catch (MathsError) {
            throw InvalidQuantities::because('The amount must be a number with its unit, for example 2.4 m.', 'amount');
        }
        try {
            $to = Units::read($reading->text('to', 'The other unit', 20));
        } catch (MathsError $error) {
            throw InvalidQuantities::because($error->getMessage(), 'to');
        }
        if (! Temperature::areBoth($amount->unit, $to) && (! $amount->unit->measuresLike($to) || $to->isNone())) {
            throw InvalidQuantities::because(
                "{$amount->unit->written()} is {$amount->unit->kindInWords()} and {$to->written()} is {$to->kindInWords()}: one cannot be turned into the other.",
                'to',
            );
        }

        return new self($amount, $to, trim($reading->text('amount', 'The amount', 40)));
    }

    public function example(): Example
    {
        if (Temperature::areBoth($this->amount->unit, $this->to)) {
            return $this->temperature();
        }
        $answer = $this->short($this->amount->in($this->to));
        $lines = $this->parts() ?? $this->factorLines($answer);

        return new Example(
            "Write {$this->amount->written()} in {$this->to->symbol()}.",
            [...$lines, new Line("{$this->typed} {$this->sign($answer)} {$answer->typed()}", 'With their units.')],
            $answer,
        );
    }

    /**
     * Told by whichever of the two units is a short number of the other: 1 in = 0.0254 m, and not 1 m = 39.37… in.
     *
     * @return list<Line>
     */
    private function factorLines(Quantity $answer): array
    {
        $factor = $this->amount->unit->factor->dividedBy($this->to->factor)->simplified();
        $one = static fn (Unit $unit): string => Quantity::of(1, $unit)->typed();
        $isLarger = $factor->isGreaterThanOrEqualTo(1);
        [$to, $back] = [Quantity::of($factor, $this->to), Quantity::of($factor->reciprocal(), $this->amount->unit)];
        $multiplies = self::isExactInFigures($to)
            ? ($isLarger || ! self::isExactInFigures($back))
            : (! self::isExactInFigures($back) && $isLarger);
        $sign = self::isExactInFigures($multiplies ? $to : $back) ? '=' : '≈';
        $times = $multiplies ? $to : $back;
        $belonging = ($multiplies ? $one($this->amount->unit) : $one($this->to))." {$sign} {$times->typed()}";

        return [
            new Line($belonging, 'How the two units belong together.', [1 => $times->typedNumber()]),
            new Line(
                "{$this->amount->typedNumber()} "
                    .($multiplies ? '×' : '÷')
                    ." {$times->typedNumber()} {$this->sign($answer)} {$answer->typedNumber()}",
                $isLarger ? 'The new unit is smaller, so there are more of them.' : 'The new unit is larger, so there are fewer of them.',
                [1 => $times->typedNumber()],
            ),
        ];
    }

    /**
     * “2 h 15 min” in minutes: 2 × 60 + 15.
     *
     * @return list<Line>|null null where the amount is written in one unit
     */
    private function parts(): ?array
    {
        if (preg_match('/^(\d+)\s*(\p{L}+)\s*(\d+(?:\.\d+)?)\s*(\p{L}+)$/u', $this->typed, $match) !== 1) {
            return null;
        }
        [$large, $small] = [Units::called($match[2]), Units::called($match[4])];
        if ($large === null || $small === null || ! $small->factor->isEqualTo($this->to->factor)) {
            return null;
        }
        $times = Quantity::of($large->factor->dividedBy($small->factor))->typedNumber();

        return [
            new Line(
                Quantity::of(1, $large)->typed().' = '.Quantity::of(BigRational::of($times), $small)->typed(),
                'How the two units belong together.',
                [1 => $times],
            ),
            new Line(
                "{$match[1]} × {$times} + {$match[3]} = {$this->amount->typedNumber()}",
                'The larger unit is changed, and the rest is added.',
                [1 => $times],
            ),
        ];
    }

    private function temperature(): Example
    {
        $answer = Temperature::change($this->amount, $this->to);

        return new Example("Write {$this->amount->written()} in {$this->to->symbol()}.", [
            new Line('', Temperature::rule($this->amount->unit, $this->to)),
            new Line(Temperature::sum($this->amount, $this->to).' = '.$answer->typedNumber(), 'We work it out.'),
            new Line("{$this->amount->typed()} = {$answer->typed()}", 'With their units.'),
        ], $answer);
    }

    /** Whether it is what its figures say, and not rounded or a fraction. */
    private static function isExactInFigures(Quantity $number): bool
    {
        return ! str_contains($number->typedNumber(), '/') && Quantity::read($number->typedNumber())->value->isEqualTo($number->value);
    }

    /** @return non-empty-list<array{string, string}> the unit and the one to change it into */
    private function practisedAt(int $level): array
    {
        $alike = array_values(array_filter(
            self::PRACTICE[$level],
            fn (array $pair): bool => $this->amount->unit->measuresLike(Units::read($pair[0])),
        ));

        return $alike === [] ? self::PRACTICE[$level] : $alike;
    }

    /** An answer that does not end is written in three figures. */
    private function short(Quantity $answer): Quantity
    {
        return self::isExactInFigures($answer) || str_contains($answer->typedNumber(), '/')
            ? $answer
            : Quantity::of(SignificantFigures::decimal($answer->value, 3), $answer->unit)->withFigures(null, false);
    }

    private function sign(Quantity $answer): string
    {
        return $answer->equals($this->amount->in($this->to)) ? '=' : '≈';
    }

    /**
     * Level 1 goes to a smaller unit, level 2 to a larger one, level 3 between squares, cubes, speeds and inches or over two steps.
     * What is measured stays the same where the level has units for it: who practises masses is not asked for lengths.
     */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        [$from, $to] = $chance->one($this->practisedAt($level));
        // Numbers whose answer is short: drawn again until one is.
        do {
            $value = $level === 1 && $from !== 'h'
                ? BigRational::nd($chance->whole(2, 99), 10)
                : BigRational::of($chance->whole(2, $level === 2 ? 900 : 90));
            $amount = Quantity::of($value, Units::read($from));
            $answer = $amount->in(Units::read($to));
        } while (preg_match('~/|\.\d{4}~', $answer->number()) === 1);
        $factor = $amount->unit->factor->dividedBy($answer->unit->factor);
        $in = static fn (BigRational $each): Quantity => Quantity::of($each, $answer->unit);
        $root = $factor->isGreaterThan(1) ? 100 : 10;

        return Variation::ask(
            ['amount' => $amount->typedNumber()." {$from}", 'to' => $to],
            "Write {$amount->written()} in {$answer->unit->symbol()}.",
            $answer,
            [
                'The number was divided where it had to be multiplied, or the other way round.' => $in($amount->value->dividedBy($factor)),
                'The unit was changed, but not the number.' => $in($amount->value),
                'The wrong number of places: squares and cubes change by more.' => $in($amount->value->multipliedBy($root)),
                'The point went one place too far.' => $in($answer->value->multipliedBy(10)),
            ],
        );
    }
}
