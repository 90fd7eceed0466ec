<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\LinearEquation;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Two unknown numbers found in three ways from the same two equations: guess and check, substitution, crossing lines. */
final readonly class TwoUnknowns implements LiveFigure, Varies
{
    private const TRIED = 'tried';

    /**
     * @param  'table'|'guessed'|'substitution'|'both'|'lines'  $view
     * @param  string|null  $of what the total of a story counts; null for two equations
     * @param  list<BigRational>  $tried guesses of the first number that were made while it is shown
     */
    private function __construct(
        public LinearEquation $first,
        public LinearEquation $second,
        public string $firstName,
        public string $secondName,
        private string $story,
        public string $view,
        public BigRational $x,
        public BigRational $y,
        private ?string $of = null,
        public array $tried = [],
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'two-unknowns',
            'Two unknowns',
            'Find two numbers from a count and a total, or from two equations',
            [Purpose::Unknown, Purpose::Curve],
            [Subject::Maths],
            'simultaneous equations heads and legs coins tickets guess and check substitution system',
        );
    }

    public static function blank(): array
    {
        return [
            'mode' => 'story',
            'firstName' => 'rabbits',
            'secondName' => 'hens',
            'count' => '20',
            'firstEach' => '4',
            'secondEach' => '2',
            'total' => '56',
            'totalName' => 'legs',
            'view' => 'table',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::choice(
                'mode',
                'What is known',
                ['story' => 'A count and a total, as in heads and legs', 'equations' => 'Two equations in x and y'],
            ),
            Field::text('firstName', 'The first kind', 'rabbits')->when('mode', 'story'),
            Field::text('secondName', 'The second kind', 'hens')->when('mode', 'story'),
            Field::text('count', 'How many together')->when('mode', 'story'),
            Field::text('totalName', 'The total is of', 'legs, pence, £')->when('mode', 'story'),
            Field::text('firstEach', 'Each of the first has')->when('mode', 'story'),
            Field::text('secondEach', 'Each of the second has')->when('mode', 'story'),
            Field::text('total', 'The total')->when('mode', 'story'),
            Field::text('firstEquation', 'First equation', 'x + y = 20')->when('mode', 'equations'),
            Field::text('secondEquation', 'Second equation', '4x + 2y = 56')->when('mode', 'equations'),
            Field::choice(
                'view',
                'Drawing',
                [
                    'table' => 'guess and check',
                    'guessed' => 'guess and check, guessed while it is shown',
                    'substitution' => 'substitution line by line',
                    'both' => 'both, side by side',
                    'lines' => 'crossing lines',
                ],
            ),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $view = self::view($reading->choice('view', 'The drawing', ['table', 'guessed', 'substitution', 'both', 'lines']));

        $figure = $reading->choice('mode', 'What is known', ['story', 'equations']) === 'equations'
            ? self::ofEquations($reading, $view)
            : self::ofStory($reading, $view);
        // Whoever guesses aloud may slip: what is no number is no guess.
        $tried = array_filter(array_map(Reading::asNumber(...), explode("\n", $quantities->text(self::TRIED, ''))));

        return $figure->guessing(array_slice(array_values($tried), 0, GuessTable::MOST_GUESSES));
    }

    /** @param  list<BigRational>  $tried */
    private function guessing(array $tried): self
    {
        return new self(
            $this->first,
            $this->second,
            $this->firstName,
            $this->secondName,
            $this->story,
            $this->view,
            $this->x,
            $this->y,
            $this->of,
            $tried,
        );
    }

    public static function live(): array
    {
        return [self::TRIED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if ($this->view !== 'guessed') {
            return [];
        }
        $written = array_map(static fn (BigRational $guess): string => (string) $guess->simplified(), $this->tried);
        $handles = [];
        foreach ((new GuessTable($this))->places($box, $context) as $number => $place) {
            $name = $number < count($this->tried) ? 'Guess '.($number + 1) : 'Next guess';
            $handles[] = Handle::type('guess-'.($number + 1), "{$name}: {$this->firstName}", $place, $written[$number] ?? '', [
                self::TRIED => implode("\n", array_replace($written, [$number => Handle::VALUE])),
            ]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self && $this->view === 'guessed' ? (new GuessTable($this))->guesses() : [] as $number => $guess) {
            $was = $before instanceof self ? $before->tried[$number] ?? null : null;
            if ($was === null || ! $was->isEqualTo($guess[0])) {
                $told[] = 'tries '.self::number($guess[0]).": {$guess[3]}";
            }
        }
        if ($before instanceof self && count($this->tried) < count($before->tried)) {
            $told[] = 'takes a guess back';
        }

        return implode(' and ', $told);
    }

    public function facts(): array
    {
        $more = $this->x->minus($this->y)->abs();

        return [
            Fact::quantity('first', Quantity::of($this->x), $this->firstName),
            Fact::quantity('second', Quantity::of($this->y), $this->secondName),
            Fact::quantity('more', Quantity::of($more), 'how many more there are of one than of the other'),
            Fact::quantity('sum', Quantity::of($this->x->plus($this->y)), 'both together'),
            Fact::words('equation one', $this->first->written(), 'the first equation'),
            Fact::words('equation two', $this->second->written(), 'the second equation'),
        ];
    }

    public function steps(): array
    {
        $answer = ucfirst($this->firstName).': '.self::number($this->x).', '.$this->secondName.': '.self::number($this->y).'.';
        $given = new FigureStep('given', 'what is known', $this->story);
        if ($this->view === 'lines') {
            return [
                $given,
                new FigureStep('first', 'the first line', "Every point of this line fits the first equation: {$this->first->written()}."),
                new FigureStep('second', 'the second line', "Every point of this one fits the second: {$this->second->written()}."),
                new FigureStep('answer', 'where they cross', 'Only one point fits both. '.$answer),
            ];
        }
        if ($this->view === 'guessed') {
            return [$given];
        }
        $steps = [$given];
        foreach ($this->view === 'substitution' ? [] : (new GuessTable($this))->guesses() as $number => $guess) {
            $steps[] = new FigureStep('line-'.($number + 1), 'guess '.($number + 1), 'Try '.self::number($guess[0]).': '.$guess[3].'.');
        }
        $name = $this->view === 'both' ? 'solved' : 'line';
        foreach ($this->view === 'table' ? [] : (new Substitution($this))->lines() as $number => [, $reason]) {
            $steps[] = new FigureStep("{$name}-".($number + 1), 'line '.($number + 1), $reason);
        }

        return [...$steps, new FigureStep('answer', 'the answer', $answer)];
    }

    public function smallest(): Box
    {
        return match ($this->view) {
            'table', 'guessed' => new Box(0, 0, GuessTable::width($this), GuessTable::height($this)),
            'substitution' => new Box(0, 0, 550, Substitution::height($this)),
            'both' => new Box(
                0,
                0,
                min(1430.0, 620 + GuessTable::width($this)),
                max(GuessTable::height($this), Substitution::height($this)),
            ),
            default => new Box(0, 0, 550, 380),
        };
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return match ($this->view) {
            'table', 'guessed' => (new GuessTable($this))->pieces($box, $context),
            'substitution' => (new Substitution($this))->pieces($box, $context),
            'both' => $this->sideBySide($box, $context),
            default => (new CrossingLines($this, $box, $context))->pieces(),
        };
    }

    public function words(): string
    {
        $view = [
            'table' => 'A table of guesses, each checked',
            'guessed' => 'A table for guesses, each checked',
            'substitution' => 'The two equations solved line by line',
            'both' => 'A table of guesses, and beside it the two equations solved line by line',
            'lines' => 'Two straight lines that cross',
        ][$this->view];

        return "{$view}. {$this->story}";
    }

    /**
     * Two methods for the same numbers: they cannot disagree, since both are drawn from them.
     *
     * @return array<string, list<Shape>>
     */
    private function sideBySide(Box $box, RenderContext $context): array
    {
        $width = max(($box->width - 60) / 2, min(GuessTable::width($this), $box->width - 560));
        $pieces = (new GuessTable($this))->pieces(new Box($box->x, $box->y, $width, $box->height), $context);
        foreach ((new Substitution($this))->pieces(
            new Box($box->x + $width + 60, $box->y, $box->width - $width - 60, $box->height),
            $context,
        ) as $name => $shapes) {
            $name = str_replace('line-', 'solved-', $name);
            $pieces[$name] = [...($pieces[$name] ?? []), ...$shapes];
        }
        $middle = $box->x + $width + 30;

        return ['given' => [
            ...$pieces['given'],
            Shape::polyline([[$middle, $box->y + 6], [$middle, $box->bottom() - 6]], Paint::outlined(Paint::RULE, 3)),
        ]] + $pieces;
    }

    public function vary(int $seed, int $level): Variation
    {
        $practice = new TwoUnknownsPractice(Chance::seeded($seed, $level), $level);

        return $this->of === null
            ? $practice->equations()
            : $practice->story([$this->firstName, $this->secondName], [$this->second->a, $this->second->b], $this->of);
    }

    public static function number(BigRational $value): string
    {
        return Quantity::of($value)->number();
    }

    private static function ofStory(Reading $reading, string $view): self
    {
        [$first, $second] = [$reading->name('firstName', 'the first kind'), $reading->name('secondName', 'the second kind')];
        $count = $reading->whole('count', 'How many there are together', 1, 10000);
        $each = [
            $reading->number('firstEach', 'What each of the first has'),
            $reading->number('secondEach', 'What each of the second has'),
        ];
        $total = $reading->number('total', 'The total');
        if ($each[0]->isEqualTo($each[1])) {
            throw InvalidQuantities::because(
                "If each of both kinds has {$each[0]}, the total cannot tell them apart. Give the two kinds different numbers.",
                'secondEach',
            );
        }
        $x = $total->minus($each[1]->multipliedBy($count))->dividedBy($each[0]->minus($each[1]))->simplified();
        $y = BigRational::of($count)->minus($x)->simplified();
        if (! $x->getDenominator()->isEqualTo(1)) {
            throw InvalidQuantities::because(
                "There is no whole answer: {$first} would come to {$x}. A total that works is "
                    .self::number(self::nearestTotal($count, $each, $total))
                    .'.',
                'total',
            );
        }
        if ($x->isNegative() || $y->isNegative()) {
            [$least, $most] = [$each[0]->isLessThan($each[1]) ? $each[0] : $each[1], $each[0]->isLessThan($each[1]) ? $each[1] : $each[0]];
            throw InvalidQuantities::because(
                "With {$count} together the total must lie between "
                    .self::number($least->multipliedBy($count))
                    .' and '
                    .self::number($most->multipliedBy($count))
                    .'.',
                'total',
            );
        }
        $of = $reading->name('totalName', 'in all');
        $story = "There are {$count} {$first} and {$second} together. Each of the {$first} has "
            .self::number($each[0])
            .", each of the {$second} "
            .self::number($each[1])
            .'. The total is '
            .self::number($total)
            ." {$of}.";

        return new self(
            LinearEquation::withCoefficients(1, 1, $count),
            LinearEquation::withCoefficients($each[0], $each[1], $total),
            $first,
            $second,
            $story,
            self::view($view),
            $x,
            $y,
            $of,
        );
    }

    private static function ofEquations(Reading $reading, string $view): self
    {
        $equations = [];
        foreach (['firstEquation' => 'The first equation', 'secondEquation' => 'The second equation'] as $field => $called) {
            try {
                $equations[] = LinearEquation::read($reading->text($field, $called, 60));
            } catch (MathsError $error) {
                throw InvalidQuantities::because($error->getMessage(), $field);
            }
        }
        [$first, $second] = $equations;
        $determinant = $first->determinant($second);
        if ($determinant->isZero()) {
            $isSame = $first->a->multipliedBy($second->c)->isEqualTo($second->a->multipliedBy($first->c))
                && $first->b->multipliedBy($second->c)->isEqualTo($second->b->multipliedBy($first->c));
            throw InvalidQuantities::because(
                $isSame
                    ? 'Both equations say the same, so every point of their line is an answer. Change one of them.'
                    : 'The two lines are parallel and never meet: no pair of numbers fits both equations. Change one of them.',
                'secondEquation',
            );
        }
        $x = $first->c->multipliedBy($second->b)->minus($first->b->multipliedBy($second->c))->dividedBy($determinant)->simplified();
        $y = $first->a->multipliedBy($second->c)->minus($first->c->multipliedBy($second->a))->dividedBy($determinant)->simplified();

        return new self($first, $second, 'x', 'y', "We know that {$first->written()} and {$second->written()}.", self::view($view), $x, $y);
    }

    /** @return 'table'|'guessed'|'substitution'|'both'|'lines' */
    private static function view(string $view): string
    {
        return in_array($view, ['guessed', 'substitution', 'both', 'lines'], true) ? $view : 'table';
    }

    /** @param  array{BigRational, BigRational}  $each */
    private static function nearestTotal(int $count, array $each, BigRational $total): BigRational
    {
        $x = (int) max(
            0,
            min($count, round($total->minus($each[1]->multipliedBy($count))->dividedBy($each[0]->minus($each[1]))->toFloat())),
        );

        return $each[0]->multipliedBy($x)->plus($each[1]->multipliedBy($count - $x));
    }
}
