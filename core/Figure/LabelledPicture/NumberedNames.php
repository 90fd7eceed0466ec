<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Numbers on the picture, and the names of its parts, or room for them, below. */
final readonly class NumberedNames implements Labels
{
    private NamesBelow $below;

    private Ground $ground;

    public function __construct(private LabelledPicture $figure, private Box $box, private RenderContext $context)
    {
        $this->below = new NamesBelow(count($figure->points), $figure->columns(), $box, $figure->bankHeight());
        $this->ground = new Ground($figure->pictures()[0] ?? '', $this->below->picture(), $context);
    }

    public function pieces(): array
    {
        $pieces = ['picture' => $this->ground->shapes()];
        if ($this->figure->view === 'bank') {
            $pieces['picture'] = [...$pieces['picture'], ...$this->figure->bank($this->box, $this->context)->shapes()];
        }
        $numbers = new NumberedPlaces($this->figure->points, $this->ground, $this->context);
        foreach (array_keys($this->figure->points) as $number) {
            $row = $this->below->row($number);
            $pieces['part-'.($number + 1)] = [
                ...$numbers->sign($number),
                ...$numbers->signAt($number, $row->x + NumberedPlaces::RADIUS + 1, $row->middleY()),
                ...$this->written($number),
            ];
        }

        return $pieces;
    }

    public function blanks(): array
    {
        return array_map($this->blank(...), array_keys($this->figure->points));
    }

    public function names(): array
    {
        return $this->figure->bank($this->box, $this->context)->places();
    }

    /** @return list<Shape> the name, what was written in its place, or a line to write on */
    private function written(int $number): array
    {
        $blank = $this->blank($number);
        $name = $this->figure->view === 'names' ? $this->figure->points[$number]->name : $this->figure->givenAt($number);
        if ($name === '') {
            $y = $blank->middleY() + 14;

            return [Shape::polyline([[$blank->x, $y], [$blank->right(), $y]], Paint::outlined(Paint::QUIET, 2.5))];
        }
        $set = $this->context->type->fit($name, $blank->width, $blank->height, new TextStyle(34, Paint::INK, true, 0, 1.1));

        return $set->shapes($blank->x, $blank->middleY() - $set->height() / 2);
    }

    private function blank(int $number): Box
    {
        $row = $this->below->row($number);

        return new Box($row->x + 60, $row->y + 2, $row->width - 60, $row->height - 4);
    }
}
