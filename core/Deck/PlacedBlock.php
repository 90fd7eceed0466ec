<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Live;
use Daybright\Deck\Composition\Item;
use Daybright\Deck\Composition\Measures;
use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Block;
use Daybright\Lesson\BlockPlacing;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Palette;
use Daybright\Scene\PointHandle;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** A block set in its room on the slide. */
final readonly class PlacedBlock
{
    /** How many times larger than it was drawn a figure may be shown, its labels with it. */
    private const LARGEST = 1.6;

    /** What a figure is first drawn for is a little more than the least that it accepts. */
    private const EASE = 1.12;

    private const ROUNDING = 0.5;

    /** @param  Box  $box that is seen of it, in slide units */
    private function __construct(
        private Item $item,
        private BlockLayout $layout,
        private float $x,
        private float $y,
        private float $scale,
        public Box $box,
        private LayoutBounds $bounds,
    ) {
    }

    /** @throws CannotBeDrawn */
    public static function set(Item $item, Box $room, float $size, Measures $measures): self
    {
        $takesRoom = $item->room();
        if ($takesRoom === null) {
            $layout = $measures->layout($item->number, $room->width, $room->height, $size);

            $bounds = $measures->bounds($item->number, $room->width, $room->height, $size);
            $box = new Box($room->x, $room->y, $room->width, $layout->height);

            return new self($item, $layout, $room->x, $room->y, 1, $box, $bounds);
        }
        $least = $takesRoom->least($room->width);
        $room = self::narrowed($room, $least, $item->placing());
        $isPicture = $takesRoom->shape($measures->context) !== null;
        $scale = $isPicture ? 1.0 : min(self::LARGEST, max(1.0, min(
            $room->width / max(1.0, $least->width),
            $room->height / max(1.0, $least->height),
        ) / self::EASE));
        $layoutScale = $scale;
        $layout = $measures->layout($item->number, $room->width / $layoutScale, $room->height / $layoutScale, $size);
        $seen = Measures::around($layout);
        if (! $isPicture && $seen->width > 0 && $seen->height > 0) {
            $scale = max($scale, min(self::LARGEST, $room->width / $seen->width, $room->height / $seen->height));
        }
        // What is seen stands in the middle of its room, unless the teacher wants it at a side.
        $x = $room->x - $seen->x * $scale + ($room->width - $seen->width * $scale) * ($item->placing()->align ?? 0.5);
        $y = $room->middleY() - $seen->middleY() * $scale;

        $bounds = $measures->bounds($item->number, $room->width / $layoutScale, $room->height / $layoutScale, $size);

        return new self($item, $layout, $x, $y, $scale, $seen->scaled($scale)->moved($x, $y), $bounds);
    }

    /** Made smaller about a place on the slide. */
    public function shrunk(float $times, float $x, float $y): self
    {
        return $times === 1.0 ? $this : new self(
            $this->item,
            $this->layout,
            $x + ($this->x - $x) * $times,
            $y + ($this->y - $y) * $times,
            $this->scale * $times,
            $this->box->moved(-$x, -$y)->scaled($times)->moved($x, $y),
            $this->bounds,
        );
    }

    /** A picture or figure that is wanted smaller gets a part of its place, and never less than it needs. */
    private static function narrowed(Box $room, Box $least, BlockPlacing $placing): Box
    {
        $width = max(min($room->width, $least->width), $room->width * min(1.0, $placing->size));
        $height = max(min($room->height, $least->height), $room->height * min(1.0, $placing->size));

        return new Box(
            $room->x + ($room->width - $width) * ($placing->align ?? 0.5),
            $room->y + ($room->height - $height) / 2,
            $width,
            $height,
        );
    }

    /** @return list<Group> */
    public function groups(Slide $slide, RenderContext $context, Palette $palette): array
    {
        return self::grouped(
            $slide,
            $this->item->block,
            $this->layout,
            $this->item->content->words($context),
            $palette,
            [$this->x, $this->y, $this->scale],
        );
    }

    /**
     * The same block in another state, in the same place.
     *
     * @throws CannotBeDrawn when it does not find room there
     */
    public function as(Block $state): self
    {
        $item = Item::read($this->item->number, $state, $this->bounds->context);
        $layout = $item->content->layout($this->bounds);
        if ($layout->height > max($this->layout->height, $this->bounds->height ?? 0.0) + self::ROUNDING) {
            throw CannotBeDrawn::tooNarrow();
        }

        return new self($item, $layout, $this->x, $this->y, $this->scale, $this->box, $this->bounds);
    }

    /**
     * What can be worked of it while it is shown.
     *
     * @return list<Handle> in slide units
     *
     * @throws CannotBeDrawn
     */
    public function liveHandles(): array
    {
        return array_map(
            fn (Handle $handle): Handle => $handle->placed($this->x, $this->y, $this->scale),
            $this->item->content instanceof Live ? $this->item->content->handles($this->bounds) : [],
        );
    }

    /** @return list<PointHandle> in slide units */
    public function handles(): array
    {
        return array_map(
            fn (PointHandle $handle): PointHandle => $handle->placed($this->x, $this->y, $this->scale),
            $this->layout->handles,
        );
    }

    /** @return list<TextField> in slide units */
    public function fields(Palette $palette): array
    {
        return self::placedFields($this->layout, $palette, [$this->x, $this->y, $this->scale]);
    }

    /**
     * @param  array{float, float, float}  $at x, y and scale
     * @return list<TextField> in slide units
     */
    public static function placedFields(BlockLayout $layout, Palette $palette, array $at): array
    {
        return array_map(
            static fn (TextField $field): TextField => $field->placed($at[0], $at[1], $at[2], $palette),
            $layout->fields,
        );
    }

    /**
     * @param  array<string, string>  $words
     * @param  array{float, float, float}  $at x, y and scale
     * @return list<Group>
     */
    public static function grouped(Slide $slide, Block $block, BlockLayout $layout, array $words, Palette $palette, array $at): array
    {
        $groups = [];
        foreach ($layout->pieces as $name => $shapes) {
            $piece = (string) $name;
            $step = $piece === BlockPiece::MAIN ? $block->step : $block->stepOf($piece);
            // A piece never appears before its block.
            $own = max($slide->stepNumber($step), $slide->stepNumber($block->step));
            $isCover = in_array($piece, $layout->covers, true);
            $number = $isCover ? $slide->stepNumber($block->step) : $own;
            $until = $isCover && $own > $number ? $own : null;
            $groups[] = new Group(
                $block->id,
                $piece,
                $slide->steps[$number]->id,
                $number,
                array_map(static fn (Shape $shape): Shape => $shape->in($palette), $shapes),
                $at[0],
                $at[1],
                $words[$piece] ?? '',
                $layout->links[$piece] ?? null,
                $at[2],
                $until === null ? '' : $slide->steps[$until]->id,
                $until,
            );
        }

        return $groups;
    }
}
