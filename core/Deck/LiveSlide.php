<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\Blocks;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\Live;
use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;
use Daybright\Scene\Group;
use Daybright\Scene\Palette;
use Daybright\Scene\RenderContext;

/** A slide whose live blocks are shown in other states: each in the place that it has, so that nothing else moves. */
final readonly class LiveSlide
{
    /** @param  array<string, PlacedBlock>  $placed by block */
    public function __construct(private Slide $slide, private array $placed, private RenderContext $context, private Palette $palette)
    {
    }

    /** @return list<string> ids of the blocks that can be worked */
    public function blocks(): array
    {
        return array_values(array_filter(
            array_keys($this->placed),
            fn (string $id): bool => $this->block($id) !== null && Blocks::able($this->block($id), Live::class)?->isWorked() === true,
        ));
    }

    /**
     * A block after acts.
     *
     * @param  array<mixed>  $change all acts so far as one merge patch
     * @return Block|null null where the slide has no such block any more, or it may not be changed so
     */
    public function changed(string $id, array $change): ?Block
    {
        $block = $this->block($id);

        return $block === null || ! isset($this->placed[$id]) ? null : Blocks::changed($block, $change);
    }

    /**
     * @return list<Group>
     *
     * @throws CannotBeDrawn
     */
    public function groups(Block $state): array
    {
        return $this->placed($state)->groups($this->slide, $this->context, $this->palette);
    }

    /**
     * @return list<Handle> in slide units; their changes are of the block's content
     *
     * @throws CannotBeDrawn
     */
    public function handles(Block $state): array
    {
        return $this->placed($state)->liveHandles();
    }

    /** @throws CannotBeDrawn where it has no place on this page, or the state no room in it */
    private function placed(Block $state): PlacedBlock
    {
        return ($this->placed[$state->id] ?? throw CannotBeDrawn::tooNarrow())->as($state);
    }

    private function block(string $id): ?Block
    {
        return $this->slide->block($id);
    }
}
