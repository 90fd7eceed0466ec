<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Views;

use Daybright\Deck\Format;
use Daybright\Deck\PageMapping;
use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Box;

/** While a part of a slide is seen large. */
final readonly class View extends Interval implements DrawnOver
{
    /** @param  Box  $box that is seen, in the shape of its page */
    public function __construct(float $from, float $to, public string $slide, public Box $box)
    {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self($interval->number('from'), $interval->number('to'), $interval->text('slide'), new Box(
            $interval->number('x'),
            $interval->number('y'),
            $interval->number('width'),
            $interval->number('height'),
        ));
    }

    /** Part of a page that is so wide, moved so that all of it is on the page. */
    public static function on(Box $page, float $x, float $y, float $width): Box
    {
        $width = min($page->width, $width);
        $height = $width * $page->height / $page->width;

        return new Box(
            round(max(0.0, min($page->width - $width, $x)), 1),
            round(max(0.0, min($page->height - $height, $y)), 1),
            round($width, 1),
            round($height, 1),
        );
    }

    /** The same things there, as large as they fit. */
    public function onPage(PageMapping $pages): self
    {
        $page = Format::Tall->page();
        $there = $pages->at($this->box->middleX(), $this->box->middleY())?->box($this->box) ?? $page;
        $width = max($there->width, $there->height * $page->width / $page->height);
        $height = $width * $page->height / $page->width;
        $x = $there->middleX() - $width / 2;

        return new self($this->from, $this->to, $this->slide, self::on($page, $x, $there->middleY() - $height / 2, $width));
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
