<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\Sample;

/** Questions about other data, of the kind that is drawn. */
final readonly class DataPractice
{
    private const STRENGTHS = [
        'a strong positive correlation',
        'a moderate positive correlation',
        'no clear correlation',
        'a strong negative correlation',
        'a moderate negative correlation',
    ];

    public function __construct(private Chance $chance, private int $level)
    {
    }

    /** Level 1 asks for the range, level 2 for the median of an even number of values, level 3 for the mean. */
    public function dots(): Variation
    {
        $values = array_map(fn (): int => $this->chance->whole(2, 8 + 6 * $this->level), range(1, $this->level === 2 ? 6 : 5));
        if ($this->level === 3) {
            // The last value is chosen so that the mean is whole.
            $values[4] += (5 - array_sum($values) % 5) % 5;
        }
        if (max($values) === min($values)) {
            $values[0]++;
        }
        $sample = new Sample(array_map(static fn (int $value): BigRational => BigRational::of($value), $values));
        $quantities = ['kind' => 'dots', 'table' => "value\n".implode("\n", $values)];
        $list = implode(', ', $values);
        if ($this->level === 1) {
            return Variation::ask($quantities, "What is the range of {$list}?", Quantity::of($sample->range()), [
                'This is the greatest value.' => Quantity::of($sample->most()),
                'The last value was taken away from the first.' => Quantity::of(abs($values[0] - $values[4])),
                'The greatest and the least were added.' => Quantity::of($sample->most()->plus($sample->least())),
                'One was added, as when counting.' => Quantity::of($sample->range()->plus(1)),
            ]);
        }
        if ($this->level === 2) {
            return Variation::ask($quantities, "What is the median of {$list}?", Quantity::of($sample->median()), [
                'The values were not put in order first.' => Quantity::of(BigRational::nd($values[2] + $values[3], 2)),
                'This is the mean.' => Quantity::of($sample->mean()),
                'This is halfway between the least and the greatest.' => Quantity::of(
                    $sample->most()->plus($sample->least())->dividedBy(2),
                ),
                'The range was taken.' => Quantity::of($sample->range()),
            ]);
        }

        return Variation::ask($quantities, "What is the mean of {$list}?", Quantity::of($sample->mean()), [
            'This is the sum: it has not been divided yet.' => Quantity::of($sample->sum()),
            'This is the median.' => Quantity::of($sample->median()),
            'The sum was divided by one too few.' => Quantity::of($sample->sum()->dividedBy(4)),
        ]);
    }

    /**
     * Level 1 asks how far the greatest is above the least, level 2 for the total of bars or the change along a line, level 3 for the mean.
     *
     * @param  'bars'|'lines'  $kind
     * @param  list<string>  $names what the values belong to, the teacher's own
     */
    public function named(string $kind, string $title, array $names): Variation
    {
        $names = array_slice($names, 0, 5);
        $values = array_map(fn (): int => $this->chance->whole(2, 15 + 10 * $this->level), $names);
        $count = count($values);
        // The last value is chosen so that the mean is whole.
        $values[$count - 1] += ($count - array_sum($values) % $count) % $count;
        if (max($values) === min($values)) {
            $values[0] += $count;
        }
        $list = implode(', ', array_map(static fn (string $name, int $value): string => "{$name} {$value}", $names, $values));
        $quantities = [
            'kind' => $kind,
            'table' => "name\t{$title}\n".implode(
                "\n",
                array_map(static fn (string $name, int $value): string => "{$name}\t{$value}", $names, $values),
            ),
        ];
        $number = static fn (int|BigRational $value): Quantity => Quantity::of($value);
        [$sum, $change] = [(int) array_sum($values), $values[$count - 1] - $values[0]];
        $shown = $kind === 'bars' ? 'The bars show' : 'The line goes through';
        if ($this->level === 1) {
            return Variation::ask(
                $quantities,
                "{$shown} {$list}. How far is the greatest above the least?",
                $number(max($values) - min($values)),
                [
                    'This is the greatest.' => $number(max($values)),
                    'The greatest and the least were added.' => $number(max($values) + min($values)),
                    'The last was taken away from the first.' => $number(abs($change)),
                ],
            );
        }
        if ($this->level === 3) {
            return Variation::ask($quantities, "{$shown} {$list}. What is the mean?", $number(intdiv($sum, $count)), [
                'This is the sum: it has not been divided yet.' => $number($sum),
                'The sum was divided by one too few.' => $number(BigRational::nd($sum, max(1, $count - 1))),
                'This is halfway between the least and the greatest.' => $number(BigRational::nd(max($values) + min($values), 2)),
            ]);
        }

        return $kind === 'bars'
            ? Variation::ask($quantities, "{$shown} {$list}. How much is that altogether?", $number($sum), [
                'The last one was left out.' => $number($sum - $values[$count - 1]),
                'This is the mean.' => $number(intdiv($sum, $count)),
                'This is the greatest only.' => $number(max($values)),
            ])
            : Variation::ask(
                $quantities,
                "{$shown} {$list}. How much does it change from the first to the last? A fall is below zero.",
                $number($change),
                [
                    'The change goes from the first to the last, not back.' => $number(-$change),
                    'The first and the last were added.' => $number($values[0] + $values[$count - 1]),
                    'This is the greatest less the least.' => $number(max($values) - min($values)),
                    'This is the last value.' => $number($values[$count - 1]),
                ],
            );
    }

    /**
     * Level 1 asks how closely the points keep to a line, level 2 for the slope of the line of best fit, level 3 for where it meets the
     * upright axis.
     */
    public function scatter(): Variation
    {
        $slope = $this->chance->one([2, 3, 4, -2, -3]);
        $intercept = $this->chance->whole(1, 20) + ($slope < 0 ? 24 : 0);
        // These distances from the line leave slope and intercept as they are: their sum is 0, also when each is multiplied by its x.
        $away = $this->level === 1 ? $this->chance->whole(0, 9) : $this->chance->whole(1, 3);
        $points = array_map(
            static fn (int $x, int $distance): array => [$x, $intercept + $slope * $x + $away * $distance],
            [1, 2, 3, 4, 5],
            [1, -2, 0, 2, -1],
        );
        $table = "x, y\n".implode("\n", array_map(static fn (array $point): string => "{$point[0]}, {$point[1]}", $points));
        $quantities = ['kind' => 'scatter', 'table' => $table, 'line' => true];
        $number = Quantity::of(...);
        if ($this->level === 1) {
            $list = implode(', ', array_map(static fn (array $point): string => "({$point[0]}, {$point[1]})", $points));
            $strength = $this->strength($quantities);

            return Variation::ask(
                $quantities,
                "Sketch the points {$list}. What do they show?",
                $strength,
                $this->otherStrengths($strength),
            );
        }
        [$from, $to] = [$this->chance->whole(1, 3), $this->chance->whole(4, 9)];
        [$low, $high] = [$intercept + $slope * $from, $intercept + $slope * $to];
        $line = "A line of best fit goes through ({$from}, {$low}) and ({$to}, {$high}).";

        return $this->level === 2
            ? Variation::ask($quantities, "{$line} How much does it rise for each step across? A fall is below zero.", $number($slope), [
                'This is the whole rise: divide it by the steps across.' => $number($high - $low),
                'The sign was lost.' => $number(-$slope),
                'The steps across were divided by the rise.' => $number(BigRational::nd($to - $from, $high - $low)),
                'This is where it meets the upright axis.' => $number($intercept),
            ])
            : Variation::ask($quantities, "{$line} Where does it meet the upright axis?", $number($intercept), [
                'This is how much it rises for each step.' => $number($slope),
                'This is its height at the first point.' => $number($low),
                'The rise was added on the way back instead of taken away.' => $number($low + $slope * $from),
            ]);
    }

    /** @param  array<string, mixed>  $quantities */
    private function strength(array $quantities): string
    {
        foreach (DataPlot::from(new Fields($quantities))->facts() as $fact) {
            if ($fact->name === 'strength') {
                return $fact->written;
            }
        }

        return self::STRENGTHS[2];
    }

    /** @return array<string, string> */
    private function otherStrengths(string $right): array
    {
        $slips = [];
        foreach (self::STRENGTHS as $other) {
            $why = match (true) {
                $other === 'no clear correlation' => 'The points do keep to a line: lay a ruler along them.',
                str_contains($right, 'positive')
                    && str_contains($other, 'negative') => "They rise from left to right: that is not {$other}.",
                str_contains($right, 'negative')
                    && str_contains($other, 'positive') => "They fall from left to right: that is not {$other}.",
                $right === 'no clear correlation' => "They keep to no line: that is not {$other}.",
                str_contains($other, 'strong') => 'They lie further from a line than that.',
                default => 'They lie closer to a line than that.',
            };
            $slips[$why] = $other;
        }

        return $slips;
    }
}
