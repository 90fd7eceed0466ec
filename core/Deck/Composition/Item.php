<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Block\BlockContent;
use Daybright\Block\Blocks;
use Daybright\Block\SpreadsOut;
use Daybright\Block\StandsAlone;
use Daybright\Block\StandsInRow;
use Daybright\Block\TakesRoom;
use Daybright\Lesson\Block;
use Daybright\Lesson\BlockPlacing;
use Daybright\Scene\RenderContext;

/** A block that is to be placed on a slide. */
final readonly class Item
{
    /**
     * @param  int  $number of the block among those that are placed, from 0
     * @param  int  $letters that it shows; 0 for what takes room instead
     */
    private function __construct(public int $number, public Block $block, public BlockContent $content, public int $letters)
    {
    }

    public static function read(int $number, Block $block, RenderContext $context): self
    {
        $content = Blocks::read($block);
        $letters = $content instanceof TakesRoom ? 0 : mb_strlen(implode(' ', $content->words($context)));

        return new self($number, $block, $content, $letters);
    }

    /** What takes the room that is left, or null for words. */
    public function room(): ?TakesRoom
    {
        return $this->content instanceof TakesRoom ? $this->content : null;
    }

    /** What the teacher wants of how it stands in its place. */
    public function placing(): BlockPlacing
    {
        return $this->block->placing;
    }

    public function standsInRow(): bool
    {
        return $this->content instanceof StandsInRow;
    }

    public function spreadsOut(): bool
    {
        return $this->content instanceof SpreadsOut;
    }

    public function standsAlone(): bool
    {
        return $this->content instanceof StandsAlone;
    }
}
