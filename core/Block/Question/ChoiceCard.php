<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\LayoutBounds;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;

/** An answer to choose: its letter and its text, and above them or beside them its picture. */
final readonly class ChoiceCard
{
    public const MARGIN = 20.0;

    /** Cards wider than so many sides of their picture have it beside the words. */
    private const BESIDE = 3.0;

    /** @param  float  $side of the picture; 0 where there is none */
    private function __construct(
        public Box $box,
        public SetText $text,
        private ?Picture $picture,
        private float $side,
        private float $disc,
    ) {
    }

    /** @param  float  $side of a picture */
    public static function set(string $text, ?Picture $picture, float $side, float $width, float $disc, LayoutBounds $bounds): self
    {
        $side = $picture === null ? 0.0 : $side;
        $isBeside = $width > self::BESIDE * $side;
        $room = $width - $disc - 3 * self::MARGIN - ($isBeside && $side > 0 ? $side + self::MARGIN : 0.0);
        $words = $bounds->text($text, 1, Paint::INK, false, $room, 0);
        $line = max($disc, $words->height());
        $height = ($isBeside ? max($side, $line) : $side + self::MARGIN / 2 + $line) + self::MARGIN * 1.4;

        return new self(new Box(0, 0, $width, $height), $words, $picture, $side, $disc);
    }

    public function at(float $x, float $y, float $height): self
    {
        return new self(new Box($x, $y, $this->box->width, $height), $this->text, $this->picture, $this->side, $this->disc);
    }

    public function textLeft(): float
    {
        $left = $this->box->x + 2 * self::MARGIN + $this->disc;

        return $this->side > 0 && $this->isBeside() ? $left + $this->side + self::MARGIN : $left;
    }

    public function textTop(): float
    {
        return $this->lineMiddle() - $this->text->height() / 2;
    }

    /** @return list<Shape> */
    public function shapes(string $letter, RenderContext $context): array
    {
        return [
            ...$context->cards->shapes($this->box, $context->strong),
            ...$this->picture === null ? [] : [Shape::image($this->pictureBox(), $this->picture->id)],
            ...$context->disc($letter, $this->box->x + self::MARGIN + $this->disc / 2, $this->lineMiddle(), $this->disc / 2),
            ...$this->text->shapes($this->textLeft(), $this->textTop()),
        ];
    }

    private function isBeside(): bool
    {
        return $this->box->width > self::BESIDE * $this->side;
    }

    private function lineMiddle(): float
    {
        return $this->isBeside()
            ? $this->box->middleY()
            : $this->box->bottom() - self::MARGIN * 0.7 - max($this->disc, $this->text->height()) / 2;
    }

    private function pictureBox(): Box
    {
        if ($this->isBeside()) {
            $left = $this->box->x + 2 * self::MARGIN + $this->disc;

            return new Box($left, $this->box->middleY() - $this->side / 2, $this->side, $this->side);
        }
        $top = $this->box->y + self::MARGIN * 0.7;
        $high = $this->lineMiddle() - max($this->disc, $this->text->height()) / 2 - self::MARGIN / 2 - $top;

        return new Box($this->box->x + self::MARGIN, $top, $this->box->width - 2 * self::MARGIN, $high);
    }
}
