<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Figure\Drawing\Bank;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\UsesPicture;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A picture with the names of its parts in the margins. */
final readonly class LabelledPicture implements HasTask, LaidOutNarrow, LiveFigure, UsesPicture
{
    private const MOST_POINTS = 12;

    private const MOST_IN_A_MARGIN = 6;

    private const GIVEN = 'given';

    /** Letters of a name. */
    private const LONGEST = 40;

    /** Letters of a name that finds room, in two lines, in half the width of a phone held upright. */
    private const LONGEST_OF_HALF = 20;

    /**
     * @param  list<Point>  $points
     * @param  'names'|'blanks'|'bank'  $view
     * @param  array<string, string>  $given what was written at a part, by the key of the part
     */
    private function __construct(private string $picture, public array $points, public string $view, private array $given)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'labelled-picture',
            'Labelled picture',
            'Name the parts of a picture, or ask for their names',
            [Purpose::Name],
            [Subject::Science, Subject::Geography, Subject::Art, Subject::History, Subject::Language],
            'diagram label parts anatomy map annotate leader lines',
        );
    }

    public static function blank(): array
    {
        return [
            'picture' => '',
            'points' => [['name' => 'the first part', 'x' => 0.3, 'y' => 0.35], ['name' => 'the second part', 'x' => 0.7, 'y' => 0.6]],
            'view' => 'names',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::special(
                Control::Points,
                'points',
                'Picture and its parts',
                'Click the picture to add a point; drag points and names to where they are to be',
            ),
            Field::text('picture', 'Picture')->when('view', 'never'),
            Field::choice('view', 'Names', ['names' => 'in the margins', 'blanks' => 'taken out', 'bank' => 'taken out, in a list below']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $view = $reading->choice('view', 'The names', ['names', 'blanks', 'bank']);

        $points = Point::listOf($reading, 'points', self::MOST_POINTS);
        foreach (['left', 'right'] as $side) {
            if (count(array_filter($points, static fn (Point $point): bool => $point->side === $side)) > self::MOST_IN_A_MARGIN) {
                throw InvalidQuantities::because(
                    "More than six names are to stand on the {$side}. Let some of them stand where they fit.",
                    'points',
                );
            }
        }

        return new self(
            $reading->name('picture', '', 60),
            $points,
            $view === 'blanks' || $view === 'bank' ? $view : 'names',
            array_map(static fn (string $name): string => mb_substr(trim($name), 0, self::LONGEST), $quantities->map(self::GIVEN)),
        );
    }

    public static function live(): array
    {
        return [self::GIVEN];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if ($this->view === 'names') {
            return [];
        }
        $labels = $this->labels($box, $context);
        $blanks = $labels->blanks();
        $handles = [];
        foreach ($this->view === 'blanks' ? $blanks : [] as $number => $blank) {
            $handles[] = Handle::type('part-'.($number + 1), 'Part '.($number + 1), $blank, $this->givenAt($number), [
                self::GIVEN => [$this->key($number) => Handle::VALUE],
            ]);
        }
        foreach ($this->view === 'bank' ? $labels->names() : [] as $name => $place) {
            $targets = array_map(fn (int $number): Target => new Target('Part '.($number + 1), $blanks[$number], [
                self::GIVEN => [$this->key($number) => (string) $name],
            ]), array_keys($blanks));
            $handles[] = Handle::drag('name-'.$name, (string) $name, $place, $targets);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach (array_keys($this->points) as $number) {
            $name = $this->givenAt($number);
            if ($name !== $before->givenAt($number)) {
                $part = 'part '.($number + 1);
                $told[] = $name === '' ? "wipes the name of {$part}" : "writes “{$name}” at {$part}";
            }
        }

        return implode(' and ', $told);
    }

    /** What was written at a part; empty where nothing was. */
    public function givenAt(int $number): string
    {
        return $this->given[$this->key($number)] ?? '';
    }

    /** The same for a part whatever parts come and go, and nothing that tells its name. */
    private function key(int $number): string
    {
        return 'part-'.substr(hash('sha256', "{$this->points[$number]->x} {$this->points[$number]->y}"), 0, 8);
    }

    public function facts(): array
    {
        $facts = [Fact::quantity('count', Quantity::of(count($this->points)), 'how many parts are named')];
        foreach ($this->points as $number => $point) {
            $facts[] = Fact::words('part '.chr(97 + $number), $point->name, 'a part');
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('picture', 'the picture', 'Look at this picture.')];
        foreach ($this->points as $number => $point) {
            $steps[] = new FigureStep(
                'part-'.($number + 1),
                $point->name,
                $this->view === 'names' ? "This is {$point->name}." : 'What is part '.($number + 1).'?',
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(
            0,
            0,
            690,
            max(340.0, 76.0 * $this->mostInAMargin() + ($this->view === 'bank' ? 32.0 * ceil(count($this->points) / 2) : 0.0) + 8),
        );
    }

    public function narrowest(): Box
    {
        return NamesBelow::narrowest(count($this->points), $this->columns(), $this->bankHeight());
    }

    /** In how many columns the names stand below the picture, where there is little width: two, if each finds room in half of it. */
    public function columns(): int
    {
        $longest = max([0, ...array_map(static fn (Point $point): int => mb_strlen($point->name), $this->points)]);

        return count($this->points) > 3 && $longest <= self::LONGEST_OF_HALF ? 2 : 1;
    }

    public function bankHeight(): float
    {
        return $this->view === 'bank' ? Bank::height(count($this->points)) : 0.0;
    }

    /** The names in the order of the alphabet, so that the list gives nothing away. */
    public function bank(Box $box, RenderContext $context): Bank
    {
        $names = array_map(static fn (Point $point): string => $point->name, $this->points);
        sort($names);

        return new Bank($names, $box, $context);
    }

    /** How many names a margin may have to take, with wishes and without. */
    public function mostInAMargin(): int
    {
        $wished = array_count_values(array_filter(array_map(static fn (Point $point): ?string => $point->side, $this->points)));

        return max([(int) ceil(count($this->points) / 2), ...array_values($wished)]);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return $this->labels($box, $context)->pieces();
    }

    private function labels(Box $box, RenderContext $context): Labels
    {
        return $box->width < $this->smallest()->width
            ? new NumberedNames($this, $box, $context)
            : new LeaderLines($this, $box, $context);
    }

    public function words(): string
    {
        return $this->view === 'names'
            ? 'A picture with its parts named: '.implode(
                ', ',
                array_map(static fn (Point $point): string => $point->name, $this->points),
            ).'.'
            : 'A picture with '.count($this->points).' numbered parts to be named.';
    }

    public function pictures(): array
    {
        return $this->picture === '' ? [] : [$this->picture];
    }

    public function missingPicture(): ?string
    {
        return $this->picture === '' ? 'This figure has no picture yet. Choose one.' : null;
    }

    public function task(): array
    {
        return [
            'type' => 'label',
            'prompt' => 'Name the parts of the picture.',
            'marks' => max(1, min(10, count($this->points))),
            'picture' => $this->picture,
            'points' => array_map(
                static fn (Point $point, int $number): array => [
                    'id' => 'point-'.($number + 1),
                    'name' => $point->name,
                    'x' => $point->x,
                    'y' => $point->y,
                ],
                $this->points,
                array_keys($this->points),
            ),
        ];
    }
}
