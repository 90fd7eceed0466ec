<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Fields;

/** A place on a slide that leads to another. */
final readonly class LinkOnSlide
{
    /**
     * @param  string  $block in which it stands
     * @param  string  $slide that it leads to
     */
    public function __construct(public string $block, public string $slide, public string $label)
    {
    }

    public static function read(Fields $link): self
    {
        return new self($link->text('block'), $link->text('slide'), $link->text('label'));
    }
}
