<?php

declare(strict_types=1);

namespace Daybright\Figure\PictureMap;

use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\LabelledPicture\Ground;
use Daybright\Figure\LabelledPicture\NamesBelow;
use Daybright\Figure\LabelledPicture\NumberedPlaces;
use Daybright\Figure\LabelledPicture\Point;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Figure\LinksToSlides;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\UsesPicture;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Link;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A picture with numbered spots; each can lead to a side slide. */
final readonly class PictureMap implements LaidOutNarrow, LinksToSlides, UsesPicture
{
    private const MOST_SPOTS = 9;

    /** @param  list<Point>  $spots */
    private function __construct(private string $picture, public array $spots)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'picture-map',
            'Picture map',
            'Spots on a picture that lead to side slides and back',
            [Purpose::Name, Purpose::Connect, Purpose::Read],
            [Subject::Art, Subject::Geography, Subject::History, Subject::Science],
            'map painting hotspots explore side slides details',
        );
    }

    public static function blank(): array
    {
        return [
            'picture' => '',
            'spots' => [
                ['name' => 'a first detail', 'x' => 0.25, 'y' => 0.3, 'slide' => ''],
                ['name' => 'a second detail', 'x' => 0.7, 'y' => 0.55, 'slide' => ''],
            ],
        ];
    }

    public static function fields(): array
    {
        return [
            Field::special(Control::Spots, 'spots', 'Picture and its spots', 'Click the picture to add a spot; drag a spot to move it'),
            Field::text('picture', 'Picture')->when('spots', 'never'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);

        return new self($reading->name('picture', '', 60), Point::listOf($reading, 'spots', self::MOST_SPOTS));
    }

    public function facts(): array
    {
        $facts = [Fact::quantity('count', Quantity::of(count($this->spots)), 'how many spots')];
        foreach ($this->spots as $number => $spot) {
            $facts[] = Fact::words('spot '.chr(97 + $number), $spot->name, 'a spot');
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('picture', 'the picture', 'Look at the whole picture first.')];
        foreach ($this->spots as $number => $spot) {
            $steps[] = new FigureStep('spot-'.($number + 1), $spot->name, 'Spot '.($number + 1)." is {$spot->name}.");
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 690, max(340.0, 62.0 * count($this->spots)));
    }

    public function narrowest(): Box
    {
        return NamesBelow::narrowest(count($this->spots), 1);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $ground = $this->ground($box, $context);
        $numbers = new NumberedPlaces($this->spots, $ground, $context);
        $pieces = ['picture' => $ground->shapes()];
        foreach ($this->spots as $number => $spot) {
            $row = $this->row($number, $box);
            $set = $context->type->fit(
                $spot->name,
                $row->width - 64 - ($spot->slide === '' ? 0 : 40),
                $row->height - 4,
                new TextStyle(34, Paint::INK, true, 0, 1.15),
            );
            $pieces['spot-'.($number + 1)] = [
                ...$numbers->sign($number),
                ...$numbers->signAt($number, $row->x + 24, $row->middleY()),
                ...$set->shapes($row->x + 60, $row->middleY() - $set->height() / 2),
                ...($spot->slide === '' ? [] : [$this->wayOn($row, $context)]),
            ];
        }

        return $pieces;
    }

    public function links(Box $box, RenderContext $context): array
    {
        $places = (new NumberedPlaces($this->spots, $this->ground($box, $context), $context))->places;
        $links = [];
        foreach ($this->spots as $number => $spot) {
            if ($spot->slide !== '') {
                [$x, $y] = $places[$number];
                $links['spot-'.($number + 1)] = new Link(
                    $spot->slide,
                    ($number + 1).'. '.$spot->name,
                    [new Box($x - 23, $y - 23, 46, 46), $this->row($number, $box)],
                );
            }
        }

        return $links;
    }

    public function words(): string
    {
        return 'A picture with numbered spots: '.implode(
            ', ',
            array_map(
                static fn (Point $spot, int $number): string => ($number + 1).', '.$spot->name,
                $this->spots,
                array_keys($this->spots),
            ),
        ).'.';
    }

    public function pictures(): array
    {
        return $this->picture === '' ? [] : [$this->picture];
    }

    public function missingPicture(): ?string
    {
        return $this->picture === '' ? 'This figure has no picture yet. Choose one.' : null;
    }

    /** The picture takes the left and the names of the spots the right, or stands above them. */
    private function ground(Box $box, RenderContext $context): Ground
    {
        return new Ground($this->picture, $this->below($box)?->picture()
            ?? new Box($box->x, $box->y + 4, $box->width - self::list($box) - 20, $box->height - 8), $context);
    }

    /** Where the name of a spot stands in the list. */
    private function row(int $number, Box $box): Box
    {
        $height = min(110.0, $box->height / max(1, count($this->spots)));
        $top = $box->middleY() - $height * count($this->spots) / 2;

        return $this->below($box)?->row($number)
            ?? new Box($box->right() - self::list($box), $top + $number * $height, self::list($box), $height);
    }

    private function below(Box $box): ?NamesBelow
    {
        return $box->width < $this->smallest()->width ? new NamesBelow(count($this->spots), 1, $box) : null;
    }

    private static function list(Box $box): float
    {
        return min(400.0, $box->width * 0.36);
    }

    /** A pointer at the end of a name says that there is more to see. */
    private function wayOn(Box $row, RenderContext $context): Shape
    {
        [$x, $y] = [$row->right() - 20, $row->middleY()];

        return Shape::polygon([[$x - 12, $y - 13], [$x + 8, $y], [$x - 12, $y + 13]], Paint::filled($context->strong));
    }
}
