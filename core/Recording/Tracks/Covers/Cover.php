<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Covers;

use Daybright\Deck\PageMapping;
use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Box;

/** While a part of a slide is hidden under a patch. */
final readonly class Cover extends Interval implements DrawnOver
{
    /** @param  Box  $box in units of a page */
    public function __construct(float $from, float $to, public string $slide, public Box $box)
    {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self($interval->number('from'), $interval->number('to'), $interval->text('slide'), self::box($interval));
    }

    public static function box(Fields $cover): Box
    {
        return new Box($cover->number('x'), $cover->number('y'), $cover->number('width'), $cover->number('height'));
    }

    public function onPage(PageMapping $pages): ?self
    {
        $box = $this->box;
        $corners = [[$box->x, $box->y], [$box->right(), $box->y], [$box->right(), $box->bottom()], [$box->x, $box->bottom()]];
        $placed = $pages->around($corners)?->box($box);

        return $placed === null ? null : new self($this->from, $this->to, $this->slide, new Box(
            round($placed->x, 1),
            round($placed->y, 1),
            round($placed->width, 1),
            round($placed->height, 1),
        ));
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->box);
    }

    protected function data(): array
    {
        $box = $this->box;

        return ['slide' => $this->slide, 'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height];
    }
}
