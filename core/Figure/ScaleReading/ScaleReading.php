<?php

declare(strict_types=1);

namespace Daybright\Figure\ScaleReading;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/**
 * An instrument with a scale, and what it shows. What counts as right is half a division either way (common practice in science
 * lessons).
 */
final readonly class ScaleReading implements HasTask, LiveFigure, PrintedWithItem
{
    private const INSTRUMENTS = [
        'cylinder' => 'Measuring cylinder',
        'ruler' => 'Ruler',
        'thermometer' => 'Thermometer',
        'protractor' => 'Protractor',
        'clock' => 'Clock face',
    ];

    private const MOST_DIVISIONS = 100;

    /** @param  int  $perLabel divisions from one numbered line to the next */
    private function __construct(
        public string $instrument,
        public BigRational $from,
        public BigRational $to,
        public int $labels,
        public int $perLabel,
        public BigRational $reading,
        public Unit $unit,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'scale-reading',
            'Scale reading',
            'Show an instrument and what it reads: cylinder, ruler, thermometer, protractor or clock',
            [Purpose::Measure, Purpose::Place],
            [Subject::Science, Subject::Maths],
            'measure measuring cylinder ruler thermometer protractor clock time angle meniscus divisions',
        );
    }

    public static function blank(): array
    {
        return [
            'instrument' => 'cylinder',
            'from' => '0',
            'to' => '100',
            'labels' => 5,
            'divisions' => 4,
            'reading' => '65',
            'unit' => 'ml',
        ];
    }

    public static function fields(): array
    {
        $scales = ['cylinder', 'ruler', 'thermometer'];

        return [
            Field::choice('instrument', 'Instrument', self::INSTRUMENTS),
            Field::text('from', 'Scale from', '0')->when('instrument', ...$scales),
            Field::text('to', 'Scale to', '100')->when('instrument', ...$scales),
            Field::whole('labels', 'Numbered stretches')->when('instrument', ...$scales),
            Field::whole('divisions', 'Divisions in each stretch')->when('instrument', ...$scales),
            Field::text('reading', 'Reading', '65')->when('instrument', ...$scales),
            Field::text('unit', 'Unit', 'ml')->when('instrument', ...$scales),
            Field::text('angle', 'Angle in degrees', '40')->when('instrument', 'protractor'),
            Field::text('time', 'Time', '7:35')->when('instrument', 'clock'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $instrument = $reading->choice('instrument', 'The instrument', array_keys(self::INSTRUMENTS));
        if ($instrument === 'clock') {
            return self::clock($reading->text('time', 'The time', 5));
        }
        if ($instrument === 'protractor') {
            $angle = $reading->number('angle', 'The angle');
            self::refuseOutside($angle, BigRational::zero(), BigRational::of(180), 'angle');

            return new self($instrument, BigRational::zero(), BigRational::of(180), 18, 2, $angle, Units::read('°'));
        }
        [$from, $to] = [$reading->number('from', 'The start of the scale'), $reading->number('to', 'The end of the scale')];
        if ($to->isLessThanOrEqualTo($from)) {
            throw InvalidQuantities::because('The end of the scale must be greater than its start. Swap the two numbers.', 'to');
        }
        $labels = $reading->whole('labels', 'The number of numbered stretches', 1, 12);
        $divisions = $reading->whole('divisions', 'The number of divisions in each', 1, 20);
        if ($labels * $divisions > self::MOST_DIVISIONS) {
            throw InvalidQuantities::because(
                'These would be '.$labels * $divisions.' divisions, too fine to read. Use at most '.self::MOST_DIVISIONS.'.',
                'divisions',
            );
        }
        $value = $reading->number('reading', 'The reading');
        self::refuseOutside($value, $from, $to, 'reading');

        return new self($instrument, $from, $to, $labels, $divisions, $value, $reading->unit());
    }

    public static function live(): array
    {
        return ['reading', 'angle', 'time'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if ($this->instrument === 'clock') {
            $minutes = (float) $this->reading->toInt();

            return [Handle::turn('hands', 'the hands, in minutes', $minutes, 0, 719, 1, ['time' => Handle::CLOCK])];
        }
        $division = $this->to->minus($this->from)->dividedBy($this->labels * $this->perLabel)->toFloat();

        return [Handle::turn(
            'reading',
            $this->instrument === 'protractor' ? 'the angle' : 'what it shows',
            $this->reading->toFloat(),
            $this->from->toFloat(),
            $this->to->toFloat(),
            // Half a division is as near as it can be read.
            $division / 2,
            [$this->instrument === 'protractor' ? 'angle' : 'reading' => Handle::VALUE],
        )];
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self || $before->reading->isEqualTo($this->reading)) {
            return '';
        }

        return $this->instrument === 'clock'
            ? 'turns the hands to '.self::time($this->reading->toInt())
            : 'brings it to '.(new Quantity($this->reading, $this->unit))->written();
    }

    public function facts(): array
    {
        if ($this->instrument === 'clock') {
            $minutes = $this->reading->toInt();

            return [
                Fact::words('reading', self::time($minutes), 'the time shown'),
                Fact::quantity('minutes', Quantity::of($minutes % 60, Units::read('min')), 'minutes past the hour'),
                Fact::quantity('hour', Quantity::of($minutes < 60 ? 12 : intdiv($minutes, 60)), 'the hour that has passed'),
                Fact::quantity(
                    'hour hand',
                    Quantity::of(BigRational::nd($minutes, 2), Units::read('°')),
                    'how far the hour hand has turned from twelve',
                ),
                Fact::quantity(
                    'minute hand',
                    Quantity::of($minutes % 60 * 6, Units::read('°')),
                    'how far the minute hand has turned from twelve',
                ),
            ];
        }

        return [
            Fact::quantity('division', $this->in($this->division()), 'what one division is worth'),
            Fact::quantity('reading', $this->in($this->reading), 'what the instrument shows'),
            Fact::quantity('tolerance', $this->in($this->division()->dividedBy(2)), 'half a division: how far an answer may be off'),
            Fact::quantity(
                'least right',
                $this->in($this->reading->minus($this->division()->dividedBy(2))),
                'the least answer that counts as right',
            ),
            Fact::quantity(
                'most right',
                $this->in($this->reading->plus($this->division()->dividedBy(2))),
                'the greatest answer that counts as right',
            ),
        ];
    }

    public function steps(): array
    {
        $label = self::INSTRUMENTS[$this->instrument];
        if ($this->instrument === 'clock') {
            return [
                new FigureStep('scale', 'the clock', 'Here is a clock. The short hand shows the hour, the long hand the minutes.'),
                new FigureStep('answer', 'the time', 'It shows '.self::time($this->reading->toInt()).'.'),
            ];
        }

        return [
            new FigureStep('scale', 'the instrument', 'Here is a '.mb_strtolower($label).'. First find out what one division is worth.'),
            new FigureStep(
                'division',
                'one division',
                "From one number to the next there are {$this->perLabel} divisions, so one division is {$this->in($this->division())->written()}.",
            ),
            new FigureStep('answer', 'the reading', "It shows {$this->in($this->reading)->written()}."),
        ];
    }

    public function smallest(): Box
    {
        // Wide enough for whatever it may be turned to.
        $between = $this->to->minus($this->division()->dividedBy(2));
        $written = max(array_map(
            fn (BigRational $value): int => mb_strlen($this->in($value)->written()),
            [$this->reading, $between, $this->to],
        ));
        $letters = $written + mb_strlen($this->in($this->to)->number()) + mb_strlen(
            $this->in($this->division())->written(),
        );

        return match ($this->instrument) {
            'ruler' => new Box(0, 0, 550, 300),
            // The reading stands to the left of the column, numbers and the worth of a division to its right.
            'cylinder', 'thermometer' => new Box(0, 0, max(550.0, 300 + 18.0 * $letters), 360),
            default => new Box(0, 0, 550, 360),
        };
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return match ($this->instrument) {
            'clock' => (new ClockFace($this, $box, $context))->pieces(),
            'protractor' => (new Protractor($this, $box, $context))->pieces(),
            'ruler' => (new Ruler($this, $box, $context))->pieces(),
            default => (new Column($this, $box, $context))->pieces(),
        };
    }

    public function words(): string
    {
        if ($this->instrument === 'clock') {
            $minutes = $this->reading->toInt();

            return 'A clock face. The hour hand has turned '
                .Quantity::of(BigRational::nd($minutes, 2))->number()
                .' degrees from twelve, the minute hand '
                .($minutes % 60 * 6)
                .' degrees.';
        }
        $step = $this->to->minus($this->from)->dividedBy($this->labels);

        return 'A '
            .mb_strtolower(self::INSTRUMENTS[$this->instrument])
            ." with a scale from {$this->in($this->from)->written()} to {$this->in($this->to)->written()}, "
            ."numbered every {$this->in($step)->written()}, with {$this->perLabel} divisions between two numbers. It shows "
            .$this->placeInWords()
            .'.';
    }

    public function task(): array
    {
        if ($this->instrument === 'clock') {
            return [
                'type' => 'text',
                'prompt' => 'What time does the clock show?',
                'marks' => 1,
                'value' => self::time($this->reading->toInt()),
            ];
        }

        return [
            'type' => 'reading', 'prompt' => 'What does the '.mb_strtolower(self::INSTRUMENTS[$this->instrument]).' show?', 'marks' => 2,
            'value' => self::typed($this->reading), 'unit' => $this->unit->symbol(), 'tolerance' => self::typed(
                $this->division()->dividedBy(2),
            ),
        ];
    }

    /** Level 1 reads a line with a number nearby, level 2 a finer scale, level 3 asks what one division is worth. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        $symbol = $this->unit->symbol() === '°' || $this->instrument === 'clock' ? 'ml' : $this->unit->symbol();
        $instrument = in_array($this->instrument, ['clock', 'protractor'], true) ? 'cylinder' : $this->instrument;
        $unit = (new Reading(new Fields(['unit' => $symbol])))->unit();
        $labels = $chance->whole(4, 6);
        $divisions = $chance->one($level === 1 ? [2, 5] : [4, 5, 8]);
        $worth = $chance->one($level === 1 ? [1, 2, 5, 10] : [2, 5, 20, 25]);
        $stretch = $divisions * $worth;
        $reading = ($chance->whole(0, $labels - 1) * $divisions + $chance->whole(1, $divisions - 1)) * $worth;
        $quantities = [
            'instrument' => $instrument,
            'from' => '0',
            'to' => (string) ($labels * $stretch),
            'labels' => $labels,
            'divisions' => $divisions,
            'reading' => (string) $reading,
            'unit' => $symbol,
        ];
        $in = static fn (int|BigRational $number): Quantity => Quantity::of($number, $unit);
        if ($level === 3) {
            return Variation::ask(
                $quantities,
                "A scale goes from 0 to {$in($labels * $stretch)->written()}. It has a number every {$in($stretch)->written()} and {$divisions} divisions between two numbers. What is one division worth?",
                $in($worth),
                [
                    'The lines between the numbers were counted instead of the spaces.' => $in(BigRational::nd(
                        $stretch,
                        max(1, $divisions - 1),
                    )),
                    'This is what lies between two numbers.' => $in($stretch),
                    'The number of divisions is not what one is worth.' => $in($divisions),
                ],
            );
        }
        $below = intdiv($reading, $stretch) * $stretch;
        $lines = intdiv($reading - $below, $worth);

        return Variation::ask(
            $quantities,
            "The scale has a number every {$in($stretch)->written()} and {$divisions} divisions between two numbers. It shows {$lines} "
                .($lines === 1 ? 'division' : 'divisions')
                ." above {$in($below)->written()}. What is the reading?",
            $in($reading),
            [
                'Every division was counted as 1.' => $in($below + $lines),
                'This is the number below.' => $in($below),
                'The divisions were counted down from the number above.' => $in($below + $stretch - $lines * $worth),
                'The divisions were counted as tens.' => $in($below + 10 * $lines),
            ],
        );
    }

    public function division(): BigRational
    {
        return $this->to->minus($this->from)->dividedBy($this->labels * $this->perLabel);
    }

    public function in(BigRational $value): Quantity
    {
        return Quantity::of($value, $this->unit);
    }

    public static function time(int $minutes): string
    {
        return sprintf('%d:%02d', $minutes < 60 ? 12 : intdiv($minutes, 60), $minutes % 60);
    }

    private static function typed(BigRational $value): string
    {
        return Quantity::of($value)->typedNumber();
    }

    /** Where the reading lies, without saying it outright: that is the student's task. */
    private function placeInWords(): string
    {
        $divisions = $this->reading->minus($this->from)->dividedBy($this->division());
        $whole = $divisions->getNumerator()->quotient($divisions->getDenominator())->toInt();
        $label = intdiv($whole, $this->perLabel);
        $beyond = $divisions->minus($label * $this->perLabel);
        $at = $this->in($this->from->plus($this->division()->multipliedBy($label * $this->perLabel)))->written();

        return $beyond->isZero() ? "exactly {$at}" : Quantity::of($beyond)->number()." divisions above {$at}";
    }

    private static function clock(string $written): self
    {
        if (preg_match('/^(\d{1,2})[:.](\d{2})$/', $written, $match) !== 1 || (int) $match[1] > 23 || (int) $match[2] > 59) {
            throw InvalidQuantities::because("“{$written}” is not a time. Write hours and minutes: 7:35.", 'time');
        }

        return new self(
            'clock',
            BigRational::zero(),
            BigRational::of(720),
            12,
            5,
            BigRational::of(((int) $match[1] % 12) * 60 + (int) $match[2]),
            Units::read('min'),
        );
    }

    private static function refuseOutside(BigRational $value, BigRational $from, BigRational $to, string $field): void
    {
        if ($value->isLessThan($from) || $value->isGreaterThan($to)) {
            throw InvalidQuantities::because(
                'The reading '.Quantity::of($value)->number().' is not on the scale, which goes from '.Quantity::of($from)
                    ->number().' to '.Quantity::of($to)
                    ->number().'.',
                $field,
            );
        }
    }
}
