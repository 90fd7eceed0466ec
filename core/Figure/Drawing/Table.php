<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A ruled table with a head row, as wide as its box; cells of words that are too long are set smaller and then cut. */
final readonly class Table
{
    public const ROW = 46.0;

    private const LARGEST_ROW = 78.0;

    private Box $box;

    private float $row;

    /**
     * @param  non-empty-list<string>  $head
     * @param  list<float>  $shares how wide each column is, as a share of the table
     * @param  int  $rows besides the head; with more room in the box they are higher, and the words in them larger
     */
    public function __construct(private array $head, private array $shares, int $rows, Box $room, private RenderContext $context)
    {
        $this->row = max(self::ROW, min(self::LARGEST_ROW, $room->height / ($rows + 1)));
        $height = $this->row * ($rows + 1);
        $this->box = new Box($room->x, $room->middleY() - $height / 2, $room->width, $height);
    }

    /** Where a row stands, counted from 1; 0 is the head. */
    public function place(int $number): Box
    {
        return new Box($this->box->x, $this->box->y + $number * $this->row, $this->box->width, $this->row);
    }

    /** Where a cell stands; rows are counted from 1, 0 is the head, and columns from 0. */
    public function cell(int $row, int $column): Box
    {
        $left = $column === 0 ? $this->box->x : $this->edge($column - 1);
        $place = $this->place($row);

        return new Box($left, $place->y, $this->edge($column) - $left, $place->height);
    }

    /** Where the column with this number ends, counted from 0. */
    public function edge(int $column): float
    {
        return $this->box->x + $this->box->width * array_sum(array_slice($this->shares, 0, $column + 1));
    }

    /** @return list<Shape> */
    public function head(): array
    {
        $ground = Shape::rectangle($this->place(0), Paint::outlined(Paint::INK, 2, $this->context->tint));

        return [$ground, ...$this->cells($this->head, 0, true, Paint::INK)];
    }

    /**
     * @param  int  $number counted from 1
     * @param  list<string>  $cells
     * @return list<Shape>
     */
    public function row(int $number, array $cells, bool $bold = false, string $colour = Paint::INK): array
    {
        $ground = Shape::rectangle($this->place($number), Paint::outlined(Paint::RULE, 2, '#FFFFFF'));

        return [$ground, ...$this->cells($cells, $number, $bold, $colour)];
    }

    /**
     * @param  list<string>  $cells
     * @return list<Shape>
     */
    private function cells(array $cells, int $number, bool $bold, string $colour): array
    {
        $shapes = [];
        $x = $this->box->x;
        foreach ($cells as $column => $cell) {
            $width = $this->box->width * ($this->shares[$column] ?? 0.0);
            if ($cell !== '') {
                $style = new TextStyle($this->row * 0.64, $colour, $bold, 0.5);
                $written = self::cut($cell, $width - 12, $style, $this->context->type);
                $shapes[] = $this->context->type->label(
                    $written[0],
                    $x + $width / 2,
                    $this->place($number)->middleY() + $written[1]->size * 0.34,
                    $written[1],
                );
            }
            $x += $width;
        }

        return $shapes;
    }

    /**
     * A line of words made to fit: set smaller, and then cut short.
     *
     * @return array{string, TextStyle}
     */
    public static function cut(string $text, float $room, TextStyle $style, Typesetter $type): array
    {
        while ($style->size > Typesetter::SMALLEST && $type->width($text, $style) > $room) {
            $style = $style->sized(max(Typesetter::SMALLEST, $style->size - 2));
        }
        while (mb_strlen($text) > 1 && $type->width($text, $style) > $room) {
            $text = rtrim(mb_substr($text, 0, -2), ' …').'…';
        }

        return [$text, $style];
    }
}
