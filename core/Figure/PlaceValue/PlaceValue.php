<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaceValue;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\DecimalExpansion;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A number in columns: what each of its digits is worth, and what ten times as much does to them. */
final readonly class PlaceValue implements PrintedWithItem
{
    private const COLUMN = 104.0;

    private const LABEL = 130.0;

    private const SUM = 76.0;

    private function __construct(private BigRational $number)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'place-value',
            'Place value',
            'Show a number in columns, what its digits are worth and ten times as much',
            [Purpose::Place],
            [Subject::Maths],
            'digits columns hundreds tens ones tenths decimal expanded ten times thousands',
        );
    }

    public static function blank(): array
    {
        return ['number' => '4352'];
    }

    public static function fields(): array
    {
        return [Field::text('number', 'The number', '4352 or 30.75')];
    }

    public static function from(Fields $quantities): self
    {
        $number = (new Reading($quantities))->number('number', 'The number');
        $decimal = $number->isNegative() ? null : DecimalExpansion::expand($number);
        if ($decimal === null || $number->isZero() || ! $decimal->ends() || strlen($decimal->whole) > 6 || strlen($decimal->start) > 3) {
            throw InvalidQuantities::because(
                'The number must be above 0 and under 1 000 000, with at most three decimal places: for example 4352 or 30.75.',
                'number',
            );
        }

        return new self($number->simplified());
    }

    public function facts(): array
    {
        $facts = [
            Fact::quantity('number', Quantity::of($this->number), 'the number itself'),
            Fact::words('sum', $this->sum(), 'as a sum of what its digits are worth'),
            Fact::quantity('ten times', Quantity::of($this->number->multipliedBy(10)), 'ten times as much'),
            Fact::quantity('tenth', Quantity::of($this->number->dividedBy(10)), 'a tenth of it'),
        ];
        foreach ($this->digits() as $place => $digit) {
            $column = Place::from($place);
            if ($digit > 0) {
                $facts[] = Fact::quantity(
                    $column->label(),
                    Quantity::of($column->worth()->multipliedBy($digit)),
                    "what the {$digit} is worth",
                );
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $written = Quantity::of($this->number)->number();

        return [
            new FigureStep('number', 'the number', "Here is {$written}, each digit in its column."),
            new FigureStep('worth', 'what the digits are worth', "Each digit is worth what its column says: {$written} is {$this->sum()}."),
            new FigureStep('ten times', 'ten times as much', 'Ten times as much: every digit moves one column to the left.'),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, self::LABEL + self::COLUMN * count($this->places()), 3 * Table::ROW + self::SUM);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $places = $this->places();
        $label = self::LABEL / $this->smallest()->width;
        $shares = [$label, ...array_fill(0, count($places), (1 - $label) / count($places))];
        $table = new Table(
            ['', ...array_map(static fn (Place $place): string => $place->short(), $places)],
            $shares,
            2,
            new Box($box->x, $box->y, $box->width, $box->height - self::SUM),
            $context,
        );
        $sum = $context->type->fit($this->sum(), $box->width, self::SUM - 16, new TextStyle(44, $context->strong, true, 0.5));

        return [
            'number' => [
                ...$table->head(),
                ...$table->row(1, ['', ...$this->inColumns($this->number)], true, $context->strong),
                ...$this->point($table, 1),
            ],
            'worth' => $sum->shapes($box->x, $box->bottom() - self::SUM + 16),
            'ten times' => [
                ...$table->row(2, ['× 10', ...$this->inColumns($this->number->multipliedBy(10))], true),
                ...$this->point($table, 2),
            ],
        ];
    }

    public function words(): string
    {
        $digits = [];
        foreach ($this->digits() as $place => $digit) {
            $digits[] = "{$digit} ".Place::from($place)->label();
        }

        return 'A table of places: '.implode(', ', $digits).'.';
    }

    /** Level 1 asks about numbers up to 9999, level 2 up to 999 999, level 3 about decimals. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        [$digits, $decimals] = match ($level) {
            1 => [$chance->whole(3, 4), 0],
            2 => [$chance->whole(5, 6), 0],
            3 => [$chance->whole(1, 3), $chance->whole(2, 3)],
            default => throw InvalidQuantities::because('There are the levels 1, 2 and 3.', 'level'),
        };
        // No digit twice, so that it is clear which one is asked about.
        $chosen = array_slice($chance->shuffled([1, 2, 3, 4, 5, 6, 7, 8, 9]), 0, $digits + $decimals);
        $written = implode('', array_slice($chosen, 0, $digits)).($decimals === 0 ? '' : '.'.implode('', array_slice($chosen, $digits)));
        // The ones are worth what they say, which would give the answer away.
        $place = $level === 3 ? $chance->whole(-$decimals, -1) : $chance->whole(1, $digits - 1);
        $digit = $chosen[$digits - 1 - $place];
        $worth = Place::from($place)->worth()->multipliedBy($digit);
        $number = Quantity::read($written)->number();

        return Variation::ask(['number' => $written], "What is the {$digit} in {$number} worth?", Quantity::of($worth), [
            'The digit itself was given, and not what it is worth in its column.' => Quantity::of($digit),
            'The digit was read one column too far to the left.' => Quantity::of($worth->multipliedBy(10)),
            'The digit was read one column too far to the right.' => Quantity::of($worth->dividedBy(10)),
        ]);
    }

    /** “4000 + 300 + 50 + 2” */
    private function sum(): string
    {
        $worths = [];
        foreach ($this->digits() as $place => $digit) {
            if ($digit > 0) {
                $worths[] = Quantity::of(Place::from($place)->worth()->multipliedBy($digit))->number();
            }
        }

        return implode(' + ', $worths);
    }

    /** @return array<int, int> digits by the power of ten of their place, from the left */
    private function digits(): array
    {
        $decimal = DecimalExpansion::expand($this->number);
        $digits = [];
        foreach (str_split($decimal->whole.$decimal->start) as $index => $digit) {
            $digits[strlen($decimal->whole) - 1 - $index] = (int) $digit;
        }

        return $digits;
    }

    /** @return list<Place> as many columns as ten times the number needs */
    private function places(): array
    {
        $powers = array_keys($this->digits());

        return array_map(Place::from(...), range(max([0, ...$powers]) + 1, min([0, ...$powers])));
    }

    /** @return list<string> what stands in each column */
    private function inColumns(BigRational $number): array
    {
        $decimal = DecimalExpansion::expand($number);
        $after = str_split($decimal->start);

        $before = array_reverse(str_split($decimal->whole));

        return array_map(
            static fn (Place $place): string => $place->value < 0 ? $after[-$place->value - 1] ?? '' : $before[$place->value] ?? '',
            $this->places(),
        );
    }

    /** @return list<Shape> the decimal point, where there are decimal places */
    private function point(Table $table, int $row): array
    {
        $places = $this->places();
        $ones = array_search(Place::Ones, $places, true);
        if ($ones === false || $ones === count($places) - 1) {
            return [];
        }

        return [Shape::circle($table->edge((int) $ones + 1), $table->place($row)->middleY() + 14, 6, Paint::filled(Paint::INK))];
    }
}
