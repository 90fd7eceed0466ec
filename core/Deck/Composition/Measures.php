<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Block\BlockLayout;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\LayoutBounds;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Blocks as they are laid out while compositions are compared; each is set once for a width and a size. */
final class Measures
{
    /** @var array<string, BlockLayout> */
    private array $layouts = [];

    /** @var array<string, Box> */
    private array $boxes = [];

    /** @param  non-empty-list<Item>  $items */
    public function __construct(private readonly array $items, public readonly RenderContext $context, private readonly bool $centred)
    {
    }

    /** @throws CannotBeDrawn which names the block */
    public function layout(int $number, float $width, ?float $height, float $size): BlockLayout
    {
        $key = sprintf('%d %.1f %.1f %.1f', $number, $width, $height ?? -1, $size);

        return $this->layouts[$key] ??= $this->set($number, $this->bounds($number, $width, $height, $size));
    }

    public function bounds(int $number, float $width, ?float $height, float $size): LayoutBounds
    {
        $item = $this->items[$number];
        $own = $item->room() === null ? $item->placing()->size : 1.0;

        return new LayoutBounds($width, $height, $size * $own, $this->context, $item->placing()->align ?? ($this->centred ? 0.5 : 0.0));
    }

    /** The least height of a block. */
    public function least(int $number, float $width, float $size): float
    {
        return $this->items[$number]->room()?->least($width)->height ?? $this->layout($number, $width, null, $size)->height;
    }

    /** What is seen of a block that is words, about its own zero. */
    public function seen(int $number, float $width, ?float $height, float $size): Box
    {
        $key = sprintf('%d %.1f %.1f %.1f', $number, $width, $height ?? -1, $size);

        return $this->boxes[$key] ??= self::around($this->layout($number, $width, $height, $size));
    }

    public static function around(BlockLayout $layout): Box
    {
        return Box::around(array_map(
            static fn (Shape $shape): Box => $shape->box,
            array_merge(...array_values($layout->pieces)),
        ));
    }

    private function set(int $number, LayoutBounds $bounds): BlockLayout
    {
        try {
            return $this->items[$number]->content->layout($bounds);
        } catch (CannotBeDrawn $trouble) {
            throw $trouble->in($this->items[$number]->block->id);
        }
    }
}
