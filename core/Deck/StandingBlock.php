<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Palette;
use Daybright\Scene\RenderContext;

/** A block of a slide that one picture fills: it stands as it was painted, and can be written on. */
final readonly class StandingBlock
{
    /**
     * @param  list<Group>  $painted
     * @param  Box  $box in slide units
     */
    public function __construct(private array $painted, public Box $box)
    {
    }

    public function as(Block $state): self
    {
        return $this;
    }

    /** @return list<Group> */
    public function groups(Slide $slide, RenderContext $context, Palette $palette): array
    {
        return $this->painted;
    }

    /** @return list<Handle> */
    public function liveHandles(): array
    {
        return [];
    }
}
