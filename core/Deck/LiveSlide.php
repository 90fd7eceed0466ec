<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\Blocks;
use Daybright\Block\CannotBeDrawn;
use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Palette;
use Daybright\Scene\RenderContext;

/** A slide whose live blocks are shown in other states: each in the place that it has, so that nothing else moves. */
final readonly class LiveSlide
{
    /**
     * @param  array<string, PlacedBlock|StandingBlock>  $placed by block
     * @param  Box  $page that all of it stands on
     */
    public function __construct(
        private Slide $slide,
        private array $placed,
        private RenderContext $context,
        private Palette $palette,
        private Box $page,
    ) {
    }

    /** @return list<string> ids of the blocks that can be worked, or written on */
    public function blocks(): array
    {
        return array_values(array_filter(array_keys($this->placed), fn (string $id): bool => $this->block($id) !== null));
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
     * Its own, and those of blocks that show its numbers.
     *
     * @return list<Group>
     *
     * @throws CannotBeDrawn
     */
    public function groups(Block $state): array
    {
        $groups = $this->annotated($state)->groups($this->context, $this->palette);
        foreach ($this->slide->blocks as $block) {
            if ($block->source?->id === $state->id && isset($this->placed[$block->id])) {
                array_push($groups, ...$this->annotated($block->fedBy($state))->groups($this->context, $this->palette));
            }
        }

        return $groups;
    }

    /**
     * What can be worked of it.
     *
     * @return list<Handle> in slide units; their changes are of the block's content
     *
     * @throws CannotBeDrawn
     */
    public function handles(Block $state): array
    {
        return $this->placed($state)->liveHandles();
    }

    /**
     * What can be written onto it, and taken off again.
     *
     * @return list<Handle> in slide units; their changes are of the block's content
     *
     * @throws CannotBeDrawn
     */
    public function annotationHandles(Block $state): array
    {
        return $this->annotated($state)->handles($this->context);
    }

    /** @throws CannotBeDrawn */
    private function annotated(Block $state): AnnotatedBlock
    {
        $placed = $this->placed($state);

        return new AnnotatedBlock($state, $placed->groups($this->slide, $this->context, $this->palette), $placed->box, $this->page);
    }

    /** @throws CannotBeDrawn where it has no place on this page, or the state no room in it */
    private function placed(Block $state): PlacedBlock|StandingBlock
    {
        return ($this->placed[$state->id] ?? throw CannotBeDrawn::tooNarrow())->as($state);
    }

    private function block(string $id): ?Block
    {
        return $this->slide->block($id);
    }
}
