<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\Sample;
use Daybright\Maths\Unit;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;

/** Measured data drawn as points, bars, lines or dots, with what they say. */
final readonly class DataPlot implements Varies
{
    private const KINDS = ['scatter' => 'points of pairs, with their line', 'bars' => 'bars', 'lines' => 'lines', 'dots' => 'dots over a number line'];

    private function __construct(private Plot $plot)
    {
    }

    public static function entry(): Entry
    {
        return new Entry('data-plot', 'Data plot', 'Plot a table as points, bars, lines or dots, and work out what it says', [Purpose::Data, Purpose::Compare, Purpose::Change], [Subject::Maths, Subject::Science, Subject::Geography], 'scatter graph correlation bar chart line graph dot plot mean median mode range statistics table csv spreadsheet');
    }

    public static function blank(): array
    {
        return ['kind' => 'scatter', 'table' => "Hours of light, Height in cm\n2, 4.1\n4, 6.0\n6, 9.2\n8, 11.1\n10, 14.3\n12, 15.8", 'line' => true];
    }

    public static function fields(): array
    {
        return [
            Field::choice('kind', 'Drawn as', self::KINDS),
            Field::special(Control::Table, 'table', 'Table', 'Paste from a spreadsheet, or type a row on each line with commas between'),
            Field::tick('line', 'Draw the line of best fit')->when('kind', 'scatter'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $rows = Rows::read($reading->text('table', 'The table', 6000));

        return new self(match ($reading->choice('kind', 'The plot', array_keys(self::KINDS))) {
            'bars' => Bars::of($rows),
            'lines' => Lines::of($rows),
            'dots' => Dots::of($rows),
            default => Scatter::of($rows, $reading->flag('line')),
        });
    }

    public function facts(): array
    {
        return $this->plot->facts();
    }

    public function steps(): array
    {
        return $this->plot->steps();
    }

    public function smallest(): Box
    {
        return $this->plot->smallest();
    }

    public function scene(Box $box, Setting $setting): array
    {
        return $this->plot->scene($box, $setting);
    }

    public function words(): string
    {
        return $this->plot->words();
    }

    /** Level 1 asks for the range, level 2 for the median of an even number of values, level 3 for the mean. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::of($seed, $level);
        $values = array_map(static fn (): int => $chance->whole(2, 8 + 6 * $level), range(1, $level === 2 ? 6 : 5));
        if ($level === 3) {
            // The last value is chosen so that the mean is whole.
            $values[4] += (5 - array_sum($values) % 5) % 5;
        }
        if (max($values) === min($values)) {
            $values[0]++;
        }
        $sample = new Sample(array_map(static fn (int $value): BigRational => BigRational::of($value), $values));
        $quantities = ['kind' => 'dots', 'table' => "value\n".implode("\n", $values)];
        $list = implode(', ', $values);
        if ($level === 1) {
            return Variation::of($quantities, "What is the range of {$list}?", Quantity::of($sample->range()), [
                'This is the greatest value.' => Quantity::of($sample->most()),
                'The last value was taken away from the first.' => Quantity::of(abs($values[0] - $values[4])),
                'The greatest and the least were added.' => Quantity::of($sample->most()->plus($sample->least())),
                'One was added, as when counting.' => Quantity::of($sample->range()->plus(1)),
            ]);
        }
        if ($level === 2) {
            return Variation::of($quantities, "What is the median of {$list}?", Quantity::of($sample->median()), [
                'The values were not put in order first.' => Quantity::of(BigRational::nd($values[2] + $values[3], 2)),
                'This is the mean.' => Quantity::of($sample->mean()),
                'This is halfway between the least and the greatest.' => Quantity::of($sample->most()->plus($sample->least())->dividedBy(2)),
                'The range was taken.' => Quantity::of($sample->range()),
            ]);
        }

        return Variation::of($quantities, "What is the mean of {$list}?", Quantity::of($sample->mean()), [
            'This is the sum: it has not been divided yet.' => Quantity::of($sample->sum()),
            'This is the median.' => Quantity::of($sample->median()),
            'The sum was divided by one too few.' => Quantity::of($sample->sum()->dividedBy(4)),
        ]);
    }

    /** A number of which a reader sees no more than they need: exact when it ends soon, otherwise rounded. */
    public static function told(BigRational $value): Quantity
    {
        $value = $value->simplified();
        $isShort = BigRational::of(10000)->multipliedBy($value)->simplified()->getDenominator()->isEqualTo(1);

        return $isShort ? Quantity::of($value) : new Quantity($value, Unit::none(), false);
    }

    /** @throws InvalidQuantities */
    public static function refuseColumns(Rows $rows, int $least, string $sentence): void
    {
        if ($rows->columns() < $least) {
            throw InvalidQuantities::because($sentence, 'table');
        }
    }
}
