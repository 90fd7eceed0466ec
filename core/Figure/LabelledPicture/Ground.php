<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The picture in its box; while none is chosen, an empty frame in its place. */
final readonly class Ground
{
    public Box $box;

    public function __construct(private string $picture, Box $room, private RenderContext $context)
    {
        $medium = $context->pictures[$picture] ?? null;
        $this->box = $medium === null ? $room->fitted(3, 2) : $room->fitted($medium->width, $medium->height);
    }

    /** @return array{float, float} */
    public function place(Point $point): array
    {
        return [$this->box->x + $point->x * $this->box->width, $this->box->y + $point->y * $this->box->height];
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        if (isset($this->context->pictures[$this->picture])) {
            return [Shape::image($this->box, $this->picture)];
        }

        return [
            Shape::rectangle($this->box, Paint::outlined(Paint::RULE, 4, '#F1EEE4')),
            $this->context->type->label(
                'no picture yet',
                $this->box->middleX(),
                $this->box->bottom() - 16,
                new TextStyle(28, Paint::QUIET, false, 0.5),
            ),
        ];
    }
}
