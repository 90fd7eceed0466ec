<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Scene\Box;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** The caption and the credit below a picture: on one line where there is room, else one under the other. */
final readonly class PictureWords
{
    /** Between a caption and a credit on one line. */
    private const APART = 40.0;

    /** A credit is smaller than a caption: this share of the difference brings it down to the same baseline. */
    private const BASELINE = 0.7;

    private float $width;

    private bool $isOneLine;

    public function __construct(private ?SetText $caption, private ?SetText $credit, private float $room)
    {
        $set = array_filter([$caption, $credit], static fn (?SetText $text): bool => $text !== null);
        $widths = array_map(static fn (SetText $text): float => $text->width(), $set);
        $together = array_sum($widths) + self::APART * max(0, count($set) - 1);
        $lines = array_sum(array_map(static fn (SetText $text): int => $text->lineCount(), $set));
        $this->isOneLine = count($set) < 2 || ($lines === 2 && $together <= $room);
        $this->width = $this->isOneLine ? $together : max([0.0, ...$widths]);
    }

    public function height(): float
    {
        $heights = [$this->caption?->height() ?? 0.0, $this->credit?->height() ?? 0.0];

        return $this->isOneLine ? max($heights) : array_sum($heights);
    }

    /** @return list<Shape> */
    public function captionBelow(Box $picture, float $y): array
    {
        return $this->caption === null ? [] : $this->caption->shapes($this->line($picture)->x, $y);
    }

    /** Null where there is no caption. */
    public function captionField(Box $picture, float $y): ?TextField
    {
        return $this->caption?->field('caption', 'Caption', $this->line($picture)->x, $y);
    }

    /** @return list<Shape> */
    public function creditBelow(Box $picture, float $y): array
    {
        if ($this->credit === null) {
            return [];
        }
        $above = $this->caption?->height() ?? 0.0;
        $down = $this->isOneLine ? max(0.0, $above - $this->credit->height()) * self::BASELINE : $above;

        return $this->credit->shapes($this->line($picture)->right() - $this->credit->width(), $y + $down);
    }

    /** Words that are narrower than the picture begin and end with it; wider ones stand about its middle. */
    private function line(Box $picture): Box
    {
        return $this->width <= $picture->width
            ? $picture
            : new Box(($this->room - $this->width) / 2, $picture->y, $this->width, $picture->height);
    }
}
