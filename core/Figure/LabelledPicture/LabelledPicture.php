<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\UsesPicture;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A picture with the names of its parts in the margins. */
final readonly class LabelledPicture implements HasTask, UsesPicture
{
    private const MOST_POINTS = 12;

    private const MOST_IN_A_MARGIN = 6;

    /**
     * @param  list<Point>  $points
     * @param  'names'|'blanks'|'bank'  $view
     */
    private function __construct(private string $picture, public array $points, public string $view)
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

        return new self($reading->name('picture', '', 60), $points, $view === 'blanks' || $view === 'bank' ? $view : 'names');
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

    /** How many names a margin may have to take, with wishes and without. */
    public function mostInAMargin(): int
    {
        $wished = array_count_values(array_filter(array_map(static fn (Point $point): ?string => $point->side, $this->points)));

        return max([(int) ceil(count($this->points) / 2), ...array_values($wished)]);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new LeaderLines($this, $box, $context))->pieces(new Ground($this->picture, LeaderLines::room($this, $box), $context));
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
