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
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Worked\Example;
use Daybright\Worked\Line;
use Daybright\Worked\Method;

/** An amount written in another unit. */
final readonly class UnitChange implements Method
{
    private const PRACTICE = [
        1 => [['m', 'cm'], ['kg', 'g'], ['km', 'm'], ['h', 'min'], ['cm', 'mm']],
        2 => [['cm', 'm'], ['g', 'kg'], ['m', 'km'], ['min', 'h'], ['ml', 'litres']],
        3 => [['m²', 'cm²'], ['litres', 'cm³'], ['m³', 'litres'], ['km/h', 'm/s'], ['inches', 'cm']],
    ];

    private function __construct(private Quantity $amount, private Unit $to)
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
        if (! $amount->unit->measuresLike($to) || $to->isNone()) {
            throw InvalidQuantities::because("{$amount->unit->written()} is {$amount->unit->kindInWords()} and {$to->written()} is {$to->kindInWords()}: one cannot be turned into the other.", 'to');
        }

        return new self($amount, $to);
    }

    public function example(): Example
    {
        $answer = $this->amount->in($this->to);
        [$number, $from, $to] = [$this->amount->typedNumber(), $this->amount->unit->symbol(), $this->to->symbol()];
        $factor = $this->amount->unit->factor->dividedBy($this->to->factor)->simplified();
        $isSmaller = $factor->isGreaterThanOrEqualTo(1);
        $times = Quantity::of($isSmaller ? $factor : $factor->reciprocal())->typedNumber();
        $lines = [
            new Line($isSmaller ? "1 {$from} = {$times} {$to}" : "1 {$to} = {$times} {$from}", 'How the two units belong together.', [1 => $times]),
            new Line("{$number} ".($isSmaller ? '×' : '÷')." {$times} = {$answer->typedNumber()}", $isSmaller ? 'The new unit is smaller, so there are more of them: we multiply.' : 'The new unit is larger, so there are fewer of them: we divide.', [1 => $times]),
            new Line("{$number} {$from} = {$answer->typedNumber()} {$to}", 'With their units.'),
        ];

        return new Example("Write {$this->amount->written()} in {$to}.", $lines, $answer);
    }

    /** Level 1 goes to a smaller unit, level 2 to a larger one, level 3 between squares, cubes, speeds and inches. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::of($seed, $level);
        [$from, $to] = $chance->one(self::PRACTICE[$level]);
        // Numbers whose answer is short: drawn again until one is.
        do {
            $value = $level === 1 && $from !== 'h' ? BigRational::nd($chance->whole(2, 99), 10) : BigRational::of($chance->whole(2, $level === 2 ? 900 : 90));
            $amount = Quantity::of($value, Units::read($from));
            $answer = $amount->in(Units::read($to));
        } while (preg_match('~/|\.\d{4}~', $answer->number()) === 1);
        $factor = $amount->unit->factor->dividedBy($answer->unit->factor);
        $in = static fn (BigRational $each): Quantity => Quantity::of($each, $answer->unit);
        $root = $factor->isGreaterThan(1) ? 100 : 10;

        return Variation::of(['amount' => $amount->typedNumber()." {$from}", 'to' => $to], "Write {$amount->written()} in {$answer->unit->symbol()}.", $answer, [
            'The number was divided where it had to be multiplied, or the other way round.' => $in($amount->value->dividedBy($factor)),
            'The unit was changed, but not the number.' => $in($amount->value),
            'The wrong number of places: squares and cubes change by more.' => $in($amount->value->multipliedBy($root)),
            'The point went one place too far.' => $in($answer->value->multipliedBy(10)),
        ]);
    }
}
