<?php

declare(strict_types=1);

namespace Daybright\Figure\NumberLine;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A stretch of the number line with marks on it and jumps along it. */
final readonly class NumberLine implements LiveFigure, PrintedWithItem
{
    private const MOST_TICKS = 60;

    private const MOST_JUMPS = 6;

    /**
     * @param  list<array{string, BigRational}>  $marks name (may be empty) and place
     * @param  list<array{BigRational, BigRational}>  $jumps from and to
     */
    private function __construct(
        public BigRational $from,
        public BigRational $to,
        public BigRational $division,
        public array $marks,
        public array $jumps,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'number-line',
            'Number line',
            'Show where numbers fall, how far apart they are, and jumps between them',
            [Purpose::Place, Purpose::Compare],
            [Subject::Maths, Subject::Science],
            'fractions negative integers order adding subtracting jumps temperature',
        );
    }

    public static function blank(): array
    {
        return ['from' => '0', 'to' => '3', 'division' => '1/4', 'marks' => "A = 3/4\nB = 2 1/4", 'jumps' => '3/4 to 2 1/4'];
    }

    public static function fields(): array
    {
        return [
            Field::text('from', 'From', '0'),
            Field::text('to', 'To', '10'),
            Field::text('division', 'One division is', '1, 0.5 or 1/4'),
            Field::lines('marks', 'Marks, one on a line', "A = 3/4\n−2"),
            Field::lines('jumps', 'Jumps, one on a line', '3 to 7'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $from = $reading->number('from', 'The start of the line');
        $to = $reading->number('to', 'The end of the line');
        if ($to->isLessThanOrEqualTo($from)) {
            throw InvalidQuantities::because('The end of the line must be greater than its start. Swap the two numbers.', 'to');
        }
        $division = $reading->number('division', 'One division');
        if (! $division->isPositive() || $to->minus($from)->dividedBy($division)->isGreaterThan(self::MOST_TICKS)) {
            throw InvalidQuantities::because(
                'One division must be above zero, and the line can have at most '
                    .self::MOST_TICKS
                    .' of them. Make the divisions larger or the line shorter.',
                'division',
            );
        }
        $marks = array_map(static fn (string $line): array => self::mark($line, $from, $to), $reading->lines('marks', 'Marks', 0, 8));
        $jumps = array_map(
            static fn (string $line): array => self::jump($line, $from, $to),
            $reading->lines('jumps', 'Jumps', 0, self::MOST_JUMPS),
        );

        return new self($from, $to, $division, $marks, $jumps);
    }

    public static function live(): array
    {
        return ['jumps'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $written = array_map(static fn (array $jump): string => self::typed($jump[0]).' to '.self::typed($jump[1]), $this->jumps);
        $handles = [];
        foreach ($this->jumps as $number => [$start, $end]) {
            $handles[] = Handle::turn(
                'jump-'.($number + 1),
                'where jump '.($number + 1).' lands',
                $end->toFloat(),
                // It stays on its side: a jump that lands where it starts is none.
                ($end->isGreaterThan($start) ? $start->plus($this->division) : $this->from)->toFloat(),
                ($end->isGreaterThan($start) ? $this->to : $start->minus($this->division))->toFloat(),
                $this->division->toFloat(),
                ['jumps' => implode("\n", array_replace($written, [$number => self::typed($start).' to '.Handle::VALUE]))],
            );
        }
        $next = count($this->jumps) < self::MOST_JUMPS ? $this->nextJumps($written) : [];

        return $next === [] ? $handles : [...$handles, Handle::press('next', 'Jump on', null, $next)];
    }

    /**
     * @param  list<string>  $written jumps that there are
     * @return list<Target> another one from where the last one landed
     */
    private function nextJumps(array $written): array
    {
        $start = $this->jumps === [] ? $this->from : $this->jumps[count($this->jumps) - 1][1];
        $targets = [];
        foreach (['one division on' => $this->division, 'one division back' => $this->division->negated()] as $label => $by) {
            $end = $start->plus($by);
            if ($end->isGreaterThanOrEqualTo($this->from) && $end->isLessThanOrEqualTo($this->to)) {
                $jumps = [...$written, self::typed($start).' to '.self::typed($end)];
                $targets[] = new Target($label, null, ['jumps' => implode("\n", $jumps)]);
            }
        }

        return $targets;
    }

    private static function typed(BigRational $number): string
    {
        return (string) $number->simplified();
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach ($this->jumps as $number => [$start, $end]) {
            $was = $before->jumps[$number] ?? null;
            if ($was === null || ! $was[1]->isEqualTo($end) || ! $was[0]->isEqualTo($start)) {
                $told[] = 'jumps from '.self::number($start).' to '.self::number($end);
            }
        }

        return implode(' and ', $told);
    }

    public function facts(): array
    {
        $facts = [];
        foreach ($this->marks as $number => [$name, $place]) {
            $called = $name === '' ? 'mark '.($number + 1) : $name;
            $facts[] = Fact::quantity('mark '.chr(97 + $number), Quantity::of($place), "where {$called} is");
        }
        foreach (array_slice($this->marks, 1) as $number => [, $place]) {
            $before = $this->marks[$number][1];
            $facts[] = Fact::quantity(
                'distance'.($number === 0 ? '' : ' '.chr(97 + $number)),
                Quantity::of($place->minus($before)->abs()),
                'from one mark to the next',
            );
        }
        foreach ($this->jumps as $number => [$start, $end]) {
            $suffix = $number === 0 ? '' : ' '.chr(97 + $number);
            $facts[] = Fact::quantity('jump'.$suffix, Quantity::of($end->minus($start)), 'the jump, with its sign');
            $facts[] = Fact::quantity('landing'.$suffix, Quantity::of($end), 'where the jump lands');
        }

        return [
            ...$facts,
            Fact::quantity('length', Quantity::of($this->to->minus($this->from)), 'how long the line is'),
            Fact::quantity('division', Quantity::of($this->division), 'one division'),
        ];
    }

    public function steps(): array
    {
        $steps = [new FigureStep(
            'line',
            'the line',
            'Here is a number line from '
                .self::number($this->from)
                .' to '
                .self::number($this->to)
                .'. One division is '
                .self::number($this->division)
                .'.',
        )];
        if ($this->marks !== []) {
            $steps[] = new FigureStep(
                'marks',
                'the marks',
                'We mark '.implode(
                    ', ',
                    array_map(
                        static fn (array $mark): string => ($mark[0] === '' ? '' : $mark[0].' at ').self::number($mark[1]),
                        $this->marks,
                    ),
                ).'.',
            );
        }
        foreach ($this->jumps as $number => [$start, $end]) {
            $way = $end->isGreaterThan($start) ? 'to the right' : 'to the left';
            $steps[] = new FigureStep(
                'jump-'.($number + 1),
                'jump '.($number + 1),
                'From '
                    .self::number($start)
                    .' we jump '
                    .self::number($end->minus($start)->abs())
                    ." {$way} and land on "
                    .self::number($end)
                    .'.',
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 300);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new LineDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        $marks = array_map(
            static fn (array $mark): string => $mark[0] === '' ? self::number($mark[1]) : "{$mark[0]} at ".self::number($mark[1]),
            $this->marks,
        );
        $jumps = array_map(static fn (array $jump): string => 'from '.self::number($jump[0]).' to '.self::number($jump[1]), $this->jumps);

        return 'A number line from '
            .self::number($this->from)
            .' to '
            .self::number($this->to)
            .', in divisions of '
            .self::number($this->division)
            .'.'
            .($marks === [] ? '' : ' Marked: '.implode(', ', $marks).'.')
            .($jumps === [] ? '' : ' Jumps: '.implode(', ', $jumps).'.');
    }

    /** Level 1 lands a jump among whole numbers, level 2 crosses zero, level 3 asks how far apart two fractions are. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        if ($level === 3) {
            return self::distanceOfFractions($chance);
        }
        $forward = $level === 1 || $chance->whole(0, 1) === 1;
        $start = $level === 1 ? $chance->whole(1, 20) : ($forward ? -$chance->whole(1, 12) : $chance->whole(1, 12));
        $size = $level === 1 ? $chance->whole(2, 9) : abs($start) + $chance->whole(1, 9);
        $end = $forward ? $start + $size : $start - $size;
        $way = $forward ? 'right' : 'left';
        $least = min($start, $end) - 2;
        $quantities = [
            'from' => (string) $least,
            'to' => (string) (max($start, $end) + 2),
            'division' => '1',
            'marks' => (string) $start,
            'jumps' => "{$start} to {$end}",
        ];
        $written = self::number(BigRational::of($start));

        return Variation::ask($quantities, "Start at {$written} and jump {$size} to the {$way}. Where do you land?", Quantity::of($end), [
            'The jump went the other way.' => Quantity::of($forward ? $start - $size : $start + $size),
            'The starting point was counted as the first jump.' => Quantity::of($forward ? $end - 1 : $end + 1),
            'The sign was lost on the way across zero.' => Quantity::of(-$end),
            'This is the size of the jump.' => Quantity::of($size),
        ]);
    }

    public static function number(BigRational $value): string
    {
        $value = $value->simplified();
        $bottom = $value->getDenominator();
        // Powers of ten read better as decimals, everything else as a mixed number.
        if ($bottom->isEqualTo(1) || in_array((string) $bottom, ['10', '100', '1000'], true)) {
            return Quantity::of($value)->number();
        }
        [$whole, $rest] = $value->abs()->getNumerator()->quotientAndRemainder($bottom);

        return ($value->isNegative() ? '−' : '').($whole->isZero() ? '' : "{$whole} ")."{$rest}/{$bottom}";
    }

    private static function distanceOfFractions(Chance $chance): Variation
    {
        $bottom = $chance->one([3, 4, 5, 6, 8]);
        $first = $chance->whole(1, 2 * $bottom - 1);
        $second = $first + $chance->whole(2, $bottom + 2);
        [$one, $other] = [BigRational::nd($first, $bottom), BigRational::nd($second, $bottom)];
        $quantities = [
            'from' => '0',
            'to' => (string) (int) ceil(($second + 1) / $bottom),
            'division' => "1/{$bottom}",
            'marks' => "A = {$first}/{$bottom}\nB = {$second}/{$bottom}",
            'jumps' => '',
        ];

        return Variation::ask(
            $quantities,
            'A is at '.self::number($one).' and B is at '.self::number($other).'. How far apart are they?',
            Quantity::of($other->minus($one)),
            [
                'The marks were counted instead of the spaces between them.' => Quantity::of(BigRational::nd(
                    $second - $first + 1,
                    $bottom,
                )),
                'The two numbers were added.' => Quantity::of($one->plus($other)),
                'The divisions were counted, but not what one division is.' => Quantity::of($second - $first),
            ],
        );
    }

    /** @return array{string, BigRational} */
    private static function mark(string $line, BigRational $from, BigRational $to): array
    {
        $parts = preg_split('/\s*[=:]\s*/u', $line) ?: [];
        [$name, $written] = count($parts) === 2 ? [$parts[0], $parts[1]] : ['', $line];
        $place = Reading::asNumber($written) ?? throw InvalidQuantities::because(
            "“{$line}” is not a mark. Write a number, or a name and a number: A = 3/4.",
            'marks',
        );
        self::refuseOutside($place, $from, $to, 'marks');
        if (mb_strlen($name) > 12) {
            throw InvalidQuantities::because("The name “{$name}” is too long for the line. Use at most 12 letters.", 'marks');
        }

        return [$name, $place];
    }

    /** @return array{BigRational, BigRational} */
    private static function jump(string $line, BigRational $from, BigRational $to): array
    {
        $ends = preg_split('/\s*(?:\bto\b|→|->)\s*/u', $line) ?: [];
        [$start, $end] = [Reading::asNumber($ends[0] ?? ''), Reading::asNumber($ends[1] ?? '')];
        if ($start === null || $end === null || count($ends) !== 2 || $start->isEqualTo($end)) {
            throw InvalidQuantities::because("“{$line}” is not a jump. Write where it starts and where it lands: 3 to 7.", 'jumps');
        }
        self::refuseOutside($start, $from, $to, 'jumps');
        self::refuseOutside($end, $from, $to, 'jumps');

        return [$start, $end];
    }

    private static function refuseOutside(BigRational $place, BigRational $from, BigRational $to, string $field): void
    {
        if ($place->isLessThan($from) || $place->isGreaterThan($to)) {
            throw InvalidQuantities::because(
                self::number($place)
                    .' is not on the line, which goes from '
                    .self::number($from)
                    .' to '
                    .self::number($to)
                    .'. Make the line longer or move it.',
                $field,
            );
        }
    }
}
