<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;
use Daybright\Scene\Placement;
use Daybright\Scene\Scene;

/** Where what is drawn on one page of a slide belongs on another, so that it stays with the block, and with the words, that it is about. */
final readonly class PageMapping
{
    /** @param  array<string, BlockOnPages>  $blocks by id, as far as they are on both pages; the title under “” */
    private function __construct(private array $blocks)
    {
    }

    public static function between(Scene $from, Scene $to): self
    {
        $there = BlockOnPage::all($to);
        $blocks = [];
        foreach (BlockOnPage::all($from) as $id => $block) {
            if (isset($there[$id])) {
                $blocks[$id] = new BlockOnPages($block, $there[$id]);
            }
        }

        return new self($blocks);
    }

    /**
     * The same page, on which blocks stand elsewhere, or larger or smaller, now.
     *
     * @param  array<string, Box>  $from by block
     * @param  array<string, Box>  $to
     */
    public static function ofBoxes(array $from, array $to): self
    {
        $blocks = [];
        foreach (array_intersect_key($from, $to) as $id => $box) {
            $blocks[$id] = new BlockOnPages(BlockOnPage::ofBox($box), BlockOnPage::ofBox($to[$id]));
        }

        return new self($blocks);
    }

    /**
     * For something drawn; null when it is about more than one block, about none, or about words that do not stand together there.
     *
     * @param  list<array{float, float}>  $points that it goes through, in units of the first page
     */
    public function around(array $points): ?Placement
    {
        $blocks = array_unique(array_filter(array_map(fn (array $point): ?string => $this->blockAt(...$point), $points), is_string(...)));
        if (count($blocks) !== 1) {
            return null;
        }

        return $this->blocks[current($blocks)]->around(Box::around(array_map(
            static fn (array $point): Box => new Box($point[0], $point[1], 0, 0),
            $points,
        )));
    }

    /** For a place that is pointed at; null only on a page on which nothing stands. */
    public function at(float $x, float $y): ?Placement
    {
        $nearest = null;
        foreach ($this->blocks as $block) {
            if ($nearest === null || $block->from->box->distance($x, $y) < $nearest->from->box->distance($x, $y)) {
                $nearest = $block;
            }
        }

        return $nearest?->at($x, $y);
    }

    /** Who draws round a block or under it means the block. */
    private function blockAt(float $x, float $y): ?string
    {
        $found = null;
        $closest = 60.0;
        foreach ($this->blocks as $id => $block) {
            $distance = $block->from->box->distance($x, $y);
            if ($distance < $closest) {
                [$found, $closest] = [(string) $id, $distance];
            }
        }

        return $found;
    }
}
