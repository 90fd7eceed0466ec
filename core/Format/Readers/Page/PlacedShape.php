<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A drawn form with words in it, or a box of text that has no form. */
final readonly class PlacedShape implements PlacedThing
{
    /** Corner of a round box, as a share of its shorter side (the standard's own default). */
    private const CORNER = 0.16667;

    /**
     * @param  Paint|null  $paint null where nothing is drawn
     * @param  Box  $room for its words
     * @param  list<list<array{float, float}>>  $drawn corners of a form of its own, in units of the page
     */
    public function __construct(
        private Box $box,
        private Outline $outline,
        private ?Paint $paint,
        private Turn $turn,
        private PlacedText $text,
        private Box $room,
        private array $drawn = [],
    ) {
    }

    /** Whether nothing of it is seen. */
    public function isEmpty(): bool
    {
        return $this->paint === null && $this->text->isEmpty();
    }

    public function parts(): array
    {
        return [];
    }

    public function shapes(RenderContext $context): array
    {
        return [
            ...$this->turn->turned($this->form(), $this->box),
            ...$this->turn->turnedWords($this->text->shapes($this->room, $context), $this->box),
        ];
    }

    /** @return list<Shape> */
    private function form(): array
    {
        $paint = $this->paint;
        if ($paint === null) {
            return [];
        }
        if ($this->drawn !== []) {
            return array_map(static fn (array $points): Shape => Shape::polygon($points, $paint), $this->drawn);
        }
        $corners = $this->outline->corners($this->box);

        return [match (true) {
            $corners !== [] => Shape::polygon($corners, $paint),
            $this->outline === Outline::Ellipse => Shape::ellipse($this->box, $paint),
            $this->outline === Outline::RoundBox => Shape::rectangle(
                $this->box,
                $paint,
                min($this->box->width, $this->box->height) * self::CORNER,
            ),
            default => Shape::rectangle($this->box, $paint),
        }];
    }
}
