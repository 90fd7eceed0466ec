<?php

declare(strict_types=1);

namespace Daybright\Figure\MotionGraph;

use Daybright\Figure\Chance;
use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Motion with constant acceleration from any three of its five quantities, with its speed and distance graphs. */
final readonly class MotionGraph implements LaidOutNarrow, PrintedWithItem
{
    private const LARGEST = 1_000_000_000;

    private const NAMES = ['u' => 'start speed', 'v' => 'end speed', 'a' => 'acceleration', 's' => 'displacement', 't' => 'time'];

    private const UNITS = ['u' => 'm/s', 'v' => 'm/s', 'a' => 'm/s²', 's' => 'm', 't' => 's'];

    /**
     * @param  non-empty-list<Motion>  $motions all that fit, the quickest first
     * @param  list<string>  $given letters
     * @param  'both'|'speed'|'distance'  $view
     */
    private function __construct(private array $motions, private array $given, private string $view)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'motion-graph',
            'Motion graph',
            'Find the missing quantities of a motion and draw its speed and distance graphs',
            [Purpose::Change, Purpose::Curve, Purpose::Unknown],
            [Subject::Science, Subject::Maths],
            'kinematics suvat velocity speed acceleration displacement time graph physics braking falling',
        );
    }

    public static function blank(): array
    {
        return ['u' => '0', 'v' => '', 'a' => '2', 's' => '', 't' => '5', 'view' => 'both'];
    }

    public static function fields(): array
    {
        return [
            Field::text('u', 'u, start speed in m/s', 'fill in three of the five'),
            Field::text('v', 'v, end speed in m/s'),
            Field::text('a', 'a, acceleration in m/s²'),
            Field::text('s', 's, displacement in m'),
            Field::text('t', 't, time in s'),
            Field::choice('view', 'Graphs', ['both' => 'speed and distance', 'speed' => 'speed–time', 'distance' => 'distance–time']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $given = array_values(array_filter(array_keys(self::NAMES), $reading->has(...)));
        if (count($given) !== 3) {
            throw InvalidQuantities::because(
                'Fill in exactly three of the five quantities: the other two follow. There are '.count($given).' now.',
                $given[3] ?? 'u',
            );
        }
        $known = [];
        foreach ($given as $letter) {
            $known[$letter] = Quantity::of($reading->number($letter, 'The '.self::NAMES[$letter]));
            if ($known[$letter]->value->abs()->isGreaterThan(self::LARGEST)) {
                throw InvalidQuantities::because(
                    'The '
                        .self::NAMES[$letter]
                        .' is too large to be drawn. Use a number below '
                        .number_format(self::LARGEST, 0, '', ' ')
                        .'.',
                    $letter,
                );
            }
        }
        if (isset($known['t']) && ! $known['t']->value->isPositive()) {
            throw InvalidQuantities::because('The time must be above zero.', 't');
        }
        $motions = array_values(array_filter(Motion::from($known), static fn (Motion $motion): bool => $motion->t->value->isPositive()));
        if ($motions === []) {
            throw InvalidQuantities::because(
                'No motion with constant acceleration has these three: it would never come to that. Check the signs; what slows down has a negative acceleration.',
                $given[2],
            );
        }
        $view = $reading->choice('view', 'The graphs', ['both', 'speed', 'distance']);

        return new self($motions, $given, $view === 'speed' || $view === 'distance' ? $view : 'both');
    }

    public function facts(): array
    {
        $facts = [];
        foreach ($this->motions as $number => $motion) {
            foreach (self::NAMES as $letter => $name) {
                if ($number === 0 || ! in_array($letter, $this->given, true)) {
                    $facts[] = Fact::quantity(
                        ($number === 0 ? '' : 'second ').$name,
                        $this->in($letter, $motion),
                        ($number === 0 ? 'the ' : 'the other possible ').$name,
                    );
                }
            }
        }
        $first = $this->motions[0];

        return [
            ...$facts,
            Fact::quantity(
                'mean speed',
                new Quantity(
                    $first->u->plus($first->v)->over(Quantity::of(2))->value,
                    Units::read('m/s'),
                    $first->u->exact && $first->v->exact,
                ),
                'the mean of start and end speed',
            ),
        ];
    }

    public function steps(): array
    {
        $known = implode(
            ', ',
            array_map(
                fn (string $letter): string => 'the '.self::NAMES[$letter].' is '.$this->in($letter, $this->motions[0])->written(),
                $this->given,
            ),
        );
        $found = fn (Motion $motion): string => implode(
            ' and ',
            array_map(
                fn (string $letter): string => 'the '
                    .self::NAMES[$letter]
                    .' is '
                    .Fact::quantity('x', $this->in($letter, $motion), '')->written,
                array_values(array_diff(array_keys(self::NAMES), $this->given)),
            ),
        );
        $steps = [new FigureStep('axes', 'what is known', "We know three things: {$known}.")];
        if ($this->view !== 'distance') {
            $steps[] = new FigureStep(
                'speed',
                'the speed–time graph',
                'The speed changes evenly, so its graph is a straight line; its slope is the acceleration.',
            );
        }
        if ($this->view !== 'speed') {
            $steps[] = new FigureStep(
                'distance',
                'the distance–time graph',
                $this->motions[0]->a->value->isZero()
                    ? 'The distance grows evenly: a straight line.'
                    : 'The distance does not grow evenly, so its graph is curved.',
            );
        }
        $two = isset($this->motions[1]) ? " There is a second answer: {$found($this->motions[1])}." : '';
        $steps[] = new FigureStep('answers', 'what follows', ucfirst($found($this->motions[0])).".{$two}");

        return $steps;
    }

    public function smallest(): Box
    {
        return $this->view === 'both' ? new Box(0, 0, 900, 400) : new Box(0, 0, 550, 400);
    }

    /** Two graphs under one another. */
    public function narrowest(): Box
    {
        return $this->view === 'both' ? new Box(0, 0, 550, 700) : $this->smallest();
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $descriptions = array_map(fn (Motion $motion): string => $this->describe($motion), $this->motions);
        $style = new TextStyle(30, $context->strong, true);
        $room = new Box($box->x, $box->y, $box->width, $box->height - 44.0 * count($descriptions));
        [$first, $second] = $this->rooms($room);
        $pieces = ['axes' => [], 'speed' => [], 'distance' => [], 'answers' => []];
        if ($this->view !== 'distance') {
            [$axes, $curve] = $this->graph(
                $first,
                $context,
                0,
                static fn (Motion $motion, float $time): float => $motion->u->value->toFloat() + $motion->a->value->toFloat() * $time,
                'speed in m/s',
            );
            [$pieces['axes'], $pieces['speed']] = [$axes, $curve];
        }
        if ($this->view !== 'speed') {
            [$axes, $curve] = $this->graph(
                $second,
                $context,
                1,
                static fn (Motion $motion, float $time): float => $motion->u->value->toFloat() * $time + $motion->a->value
                    ->toFloat() * $time ** 2 / 2,
                'distance in m',
            );
            [$pieces['axes'], $pieces['distance']] = [[...$pieces['axes'], ...$axes], $curve];
        }
        foreach ($descriptions as $number => $line) {
            [$cut, $fitted] = Table::cut($line, $box->width, $style, $context->type);
            $pieces['answers'][] = $context->type->label($cut, $box->x, $room->bottom() + 34 + 44.0 * $number, $fitted);
        }

        return array_filter($pieces);
    }

    /** @return array{Box, Box} of the graph of speed and of that of distance: beside one another, or under one another where it is narrow */
    private function rooms(Box $room): array
    {
        if ($this->view !== 'both') {
            return [$room, $room];
        }
        $gap = 40.0;
        if ($room->width < $this->smallest()->width) {
            $height = ($room->height - $gap) / 2;

            return [
                new Box($room->x, $room->y, $room->width, $height),
                new Box($room->x, $room->bottom() - $height, $room->width, $height),
            ];
        }
        $width = ($room->width - $gap) / 2;

        return [
            new Box($room->x, $room->y, $width, $room->height),
            new Box($room->right() - $width, $room->y, $width, $room->height),
        ];
    }

    public function words(): string
    {
        $graphs = [
            'both' => 'A speed–time graph and a distance–time graph',
            'speed' => 'A speed–time graph',
            'distance' => 'A distance–time graph',
        ][$this->view];

        return "{$graphs} of a motion. Known: ".implode(
            ', ',
            array_map(
                fn (string $letter): string => self::NAMES[$letter].' '.$this->in($letter, $this->motions[0])->written(),
                $this->given,
            ),
        ).'.';
    }

    /** Level 1 asks for the end speed, level 2 for the displacement, level 3 for the acceleration from speeds and displacement. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        [$u, $a, $t] = [$chance->whole(0, 12), $chance->whole(1, 6), 2 * $chance->whole(2, 8)];
        $v = $u + $a * $t;
        $s = intdiv(($u + $v) * $t, 2);
        $speed = static fn (int $number): Quantity => Quantity::of($number, Units::read('m/s'));
        $length = static fn (int $number): Quantity => Quantity::of($number, Units::read('m'));
        $rate = Quantity::of($a, Units::read('m/s²'));
        $blank = ['u' => '', 'v' => '', 'a' => '', 's' => '', 't' => '', 'view' => 'both'];
        if ($level === 1) {
            return Variation::ask(
                [...$blank, 'u' => (string) $u, 'a' => (string) $a, 't' => (string) $t],
                "A cyclist moves at {$speed($u)->written()} and speeds up by {$rate->written()} for {$t}\u{00A0}s. How fast is the cyclist then?",
                $speed($v),
                [
                    'This is the change of speed only.' => $speed($a * $t),
                    'The start speed was multiplied.' => $speed(($u + $a) * $t),
                    'The time was added instead of multiplied.' => $speed($u + $a + $t),
                ],
            );
        }
        if ($level === 2) {
            return Variation::ask(
                [...$blank, 'u' => (string) $u, 'a' => (string) $a, 't' => (string) $t],
                "A tram moves at {$speed($u)->written()} and speeds up by {$rate->written()} for {$t}\u{00A0}s. How far does it go in that time?",
                $length($s),
                [
                    'The end speed was used all the way.' => $length($v * $t),
                    'The start speed was used all the way.' => $length($u * $t),
                    'The half was left out of ½ a t².' => $length($u * $t + $a * $t * $t),
                ],
            );
        }

        return Variation::ask(
            [...$blank, 'u' => (string) $u, 'v' => (string) $v, 's' => (string) $s],
            "A train goes from {$speed($u)->written()} to {$speed($v)->written()} on a stretch of {$length($s)->written()}. What is its acceleration?",
            $rate,
            [
                'The 2 was left out of v² = u² + 2 a s.' => Quantity::of(2 * $a, Units::read('m/s²')),
                'The change of speed was divided by the displacement.' => Quantity::of(
                    \Brick\Math\BigRational::nd($v - $u, $s),
                    Units::read('m/s²'),
                ),
                'This is the time it takes.' => Quantity::of($t, Units::read('m/s²')),
            ],
        );
    }

    private function in(string $letter, Motion $motion): Quantity
    {
        $value = $motion->{$letter};

        return $value instanceof Quantity
            ? new Quantity($value->value, Units::read(self::UNITS[$letter]), $value->exact)
            : throw InvalidQuantities::because("There is no quantity {$letter}.", $letter);
    }

    private function describe(Motion $motion): string
    {
        return implode(
            '    ',
            array_map(
                fn (string $letter): string => "{$letter} ".(str_starts_with(
                    $written = Fact::quantity('x', $this->in($letter, $motion), '')->written,
                    '≈',
                ) ? $written : "= {$written}"),
                array_values(array_diff(array_keys(self::NAMES), $this->given)),
            ),
        );
    }

    /**
     * @param  callable(Motion, float): float  $height
     * @return array{list<Shape>, list<Shape>} axes and curve
     */
    private function graph(Box $box, RenderContext $context, int $number, callable $height, string $title): array
    {
        $longest = $this->motions[count($this->motions) - 1];
        $end = $longest->t->value->toFloat();
        $values = array_map(static fn (int $piece): array => [$end * $piece / 60, $height($longest, $end * $piece / 60)], range(0, 60));
        $heights = array_column($values, 1);
        $axes = Axes::in($box, $context, [0.0, $end], [min(0.0, ...$heights), max(0.0, 1e-6, ...$heights)], 'time in s', $title);
        $series = new Series($number, $context);
        $curve = array_map(static fn (array $piece): Shape => Shape::polyline($piece, $series->line(6)), $axes->curve($values));
        $labels = new Labels($axes->plot, $context->type);
        foreach (array_slice($values, 1) as $at => $value) {
            [$one, $other] = [$axes->point(...$values[$at]), $axes->point(...$value)];
            $labels->keepClearOfLine($one[0], $one[1], $other[0], $other[1]);
        }
        foreach ([0.0, $end] as $time) {
            [$x, $y] = $axes->point($time, $height($longest, $time));
            $labels->keepClearOf(new Box($x - 10, $y - 10, 20, 20));
            array_push(
                $curve,
                $series->mark($x, $y, 10),
                ...$labels->near(
                    Quantity::approximately($height($longest, $time))->rounded()->number(),
                    $x,
                    $y,
                    new TextStyle(28, Paint::INK, true),
                    12,
                    $time === 0.0 ? 20 : 160,
                    60,
                ),
            );
        }

        return [$axes->shapes, $curve];
    }
}
