<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** Measured data drawn as points, bars, lines or dots, with what they say. */
final readonly class DataPlot implements PrintedWithItem
{
    private const KINDS = [
        'scatter' => 'points of pairs, with their line',
        'bars' => 'bars',
        'lines' => 'lines',
        'dots' => 'dots over a number line',
    ];

    /** Set where its numbers are those of a table that has none yet. */
    public const AWAITED = 'awaited';

    private function __construct(private Plot $plot)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'data-plot',
            'Data plot',
            'Plot a table as points, bars, lines or dots, and work out what it says',
            [Purpose::Data, Purpose::Compare, Purpose::Change],
            [Subject::Maths, Subject::Science, Subject::Geography],
            'scatter graph correlation bar chart line graph dot plot mean median mode range statistics table csv spreadsheet',
        );
    }

    public static function blank(): array
    {
        return [
            'kind' => 'scatter',
            'table' => "Hours of light, Height in cm\n2, 4.1\n4, 6.0\n6, 9.2\n8, 11.1\n10, 14.3\n12, 15.8",
            'line' => true,
        ];
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
        if ($quantities->flag(self::AWAITED)) {
            return new self(new AwaitedPlot);
        }
        $reading = new Reading($quantities);
        $rows = Rows::read($reading->text('table', 'The table', 6000));

        return new self(match ($reading->choice('kind', 'The plot', array_keys(self::KINDS))) {
            'bars' => Bars::fromRows($rows),
            'lines' => Lines::fromRows($rows),
            'dots' => Dots::fromRows($rows),
            default => Scatter::fromRows($rows, $reading->flag('line')),
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

    public function scene(Box $box, RenderContext $context): array
    {
        return $this->plot->scene($box, $context);
    }

    public function words(): string
    {
        return $this->plot->words();
    }

    public function vary(int $seed, int $level): Variation
    {
        return $this->plot->practice(new DataPractice(Chance::seeded($seed, $level), $level));
    }

    /** A number of which a reader sees no more than they need: exact when it ends soon, otherwise rounded. */
    public static function quantity(BigRational $value): Quantity
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
