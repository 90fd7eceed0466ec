<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The words of a box. They are set in our own typeface, which is wider than most: what does not fit is set smaller. */
final readonly class PlacedText
{
    private const LEADING = 1.15;

    private const SMALLEST = 0.4;

    private const SMALLER = 0.06;

    /** Room of a text that is not broken into lines. */
    private const ENDLESS = 100_000.0;

    /**
     * @param  list<PlacedParagraph>  $paragraphs
     * @param  float  $anchor 0 top, 0.5 middle, 1 bottom
     * @param  bool  $isWrapped whether it is broken into lines
     */
    public function __construct(private array $paragraphs, private float $anchor = 0, private bool $isWrapped = true)
    {
    }

    public function isEmpty(): bool
    {
        return $this->paragraphs === [];
    }

    /** Height of its paragraphs if each is one line. */
    public function lineHeight(): float
    {
        return array_sum(array_map(static fn (PlacedParagraph $each): float => $each->size * self::LEADING, $this->paragraphs));
    }

    /** @return list<Shape> */
    public function shapes(Box $room, RenderContext $context): array
    {
        if ($this->paragraphs === [] || $room->width <= 0) {
            return [];
        }
        for ($scale = 1.0; $scale > self::SMALLEST; $scale -= self::SMALLER) {
            $set = $this->set($room->width, $scale, $context);
            if (self::height($set) <= $room->height + 1 && self::width($set) <= $room->width + 1) {
                break;
            }
        }
        $y = $room->y + ($room->height - self::height($set)) * $this->anchor;
        $shapes = [];
        foreach ($set as [$text, $indent, $align]) {
            $left = $this->isWrapped ? $room->x + $indent : $room->x + $indent + ($room->width - self::ENDLESS) * $align;
            array_push($shapes, ...$text->shapes($left, $y));
            $y += $text->height();
        }

        return $shapes;
    }

    /** @return non-empty-list<array{SetText, float, float}> each with its indent and how it is aligned */
    private function set(float $width, float $scale, RenderContext $context): array
    {
        $set = [];
        foreach ($this->paragraphs as $paragraph) {
            $size = $paragraph->size * $scale;
            $indent = $paragraph->level * $size * 0.9;
            $style = new TextStyle($size, $paragraph->colour, $paragraph->isBold, $paragraph->align, self::LEADING);
            $room = $this->isWrapped ? max($size, $width - $indent) : self::ENDLESS;
            $text = ($paragraph->isPoint ? '- ' : '').$paragraph->text;
            $set[] = [$context->type->set($text, $room, $style), $indent, $paragraph->align];
        }

        return $set === [] ? throw new \LogicException('There are no paragraphs to set.') : $set;
    }

    /** @param  list<array{SetText, float, float}>  $set */
    private static function height(array $set): float
    {
        return array_sum(array_map(static fn (array $each): float => $each[0]->height(), $set));
    }

    /** @param  non-empty-list<array{SetText, float, float}>  $set */
    private static function width(array $set): float
    {
        return max(array_map(static fn (array $each): float => $each[1] + $each[0]->width(), $set));
    }
}
