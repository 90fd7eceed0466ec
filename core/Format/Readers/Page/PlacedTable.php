<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;

/** A table with its columns and rows as wide and high as they were. */
final readonly class PlacedTable implements PlacedThing
{
    private const MARGIN = 8.0;

    private const SIDE = 14.0;

    /**
     * @param  list<float>  $columns widths
     * @param  list<float>  $rows least heights; a row is as high as its words need
     * @param  list<list<array{text: PlacedText, fill: string|null}>>  $cells row by row
     * @param  string  $line colour of its lines
     */
    public function __construct(
        private float $x,
        private float $y,
        private array $columns,
        private array $rows,
        private array $cells,
        private string $line,
    ) {
    }

    public function parts(): array
    {
        return [];
    }

    public function shapes(RenderContext $context): array
    {
        $shapes = [];
        $y = $this->y;
        foreach ($this->cells as $row => $cells) {
            $x = $this->x;
            $height = max([$this->rows[$row] ?? 0.0, ...array_map(
                static fn (array $cell): float => $cell['text']->lineHeight() + 2 * self::MARGIN,
                $cells,
            )]);
            foreach ($cells as $column => $cell) {
                $width = $this->columns[$column] ?? 0.0;
                $box = new Box($x, $y, $width, $height);
                $room = new Box($x + self::SIDE, $y + self::MARGIN, $width - 2 * self::SIDE, $height - 2 * self::MARGIN);
                array_push($shapes, ...self::cell($box, $room, $cell['text'], $cell['fill'], $this->line, $context));
                $x += $width;
            }
            $y += $height;
        }

        return $shapes;
    }

    /** @return list<\Daybright\Scene\Shape> */
    private static function cell(Box $box, Box $room, PlacedText $text, ?string $fill, string $line, RenderContext $context): array
    {
        $form = new PlacedShape($box, Outline::Box, Paint::outlined($line, 2, $fill ?? 'none'), new Turn, $text, $room);

        return $form->shapes($context);
    }
}
