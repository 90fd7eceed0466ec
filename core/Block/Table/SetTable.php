<?php

declare(strict_types=1);

namespace Daybright\Block\Table;

use Daybright\Block\LayoutBounds;
use Daybright\Maths\Table\Table;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Repetition;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** A table set in type: columns as wide as what stands in them asks for, rows as high as their highest cell. */
final readonly class SetTable
{
    private const DOWN = 12.0;

    private const LINE = 2.0;

    /** Rows, as the schema has them. */
    private const MOST = 20;

    /**
     * @param  list<list<SetText>>  $texts
     * @param  list<list<Box>>  $boxes
     */
    private function __construct(
        private Table $table,
        private LayoutBounds $bounds,
        private array $texts,
        private array $boxes,
    ) {
    }

    public static function of(Table $table, bool $hasSide, LayoutBounds $bounds): self
    {
        $columns = Columns::of($table, $bounds, static fn (int $row, int $column): bool => self::isBold($table, $hasSide, $row, $column));
        $widths = $columns->widths;
        $texts = $heights = [];
        for ($row = 0; $row < $table->rowCount(); $row++) {
            $texts[] = array_map(
                static fn (int $column): SetText => $bounds->text(
                    $table->shown($row, $column),
                    $columns->size / $bounds->size,
                    self::isBold($table, $hasSide, $row, $column) ? $bounds->context->strong : Paint::INK,
                    self::isBold($table, $hasSide, $row, $column) || $table->cell($row, $column)->isAsked,
                    $widths[$column] - 2 * Columns::ACROSS,
                    $table->isNumeric($column) && ! ($hasSide && $column === 0) ? 0.5 : 0.0,
                ),
                array_keys($widths),
            );
            $heights[] = max([0.0, ...array_map(static fn (SetText $text): float => $text->height(), $texts[$row])]) + 2 * self::DOWN;
        }
        $spread = $bounds->spread(array_sum($heights), count($heights), $bounds->size * 0.7);
        $boxes = [];
        $y = 0.0;
        foreach ($heights as $height) {
            $x = 0.0;
            $row = [];
            foreach ($widths as $width) {
                $row[] = new Box($x, $y, $width, $height + $spread);
                $x += $width;
            }
            $boxes[] = $row;
            $y += $height + $spread;
        }

        return new self($table, $bounds, $texts, $boxes);
    }

    public function height(): float
    {
        return $this->boxes === [] ? 0.0 : $this->boxes[count($this->boxes) - 1][0]->bottom();
    }

    /** @return list<Shape> */
    public function grid(): array
    {
        $context = $this->bounds->context;
        $shapes = [];
        foreach ($this->boxes as $row => $boxes) {
            $first = $boxes[0];
            $whole = new Box(0, $first->y, $this->bounds->width, $first->height);
            if ($row === 0 && $this->table->hasHead) {
                $shapes[] = Shape::rectangle($whole, Paint::filled($context->tint), min(12.0, $context->cards->corner));
            } elseif ($row > 0) {
                $shapes[] = Shape::rectangle(new Box(0, $first->y - self::LINE / 2, $whole->width, self::LINE), Paint::filled(Paint::RULE));
            }
            foreach ($boxes as $column => $box) {
                array_push($shapes, ...$this->cell($row, $column, $box));
            }
        }

        return $shapes;
    }

    /** @return list<Shape> what a student is to fill in */
    public function answers(): array
    {
        $shapes = [];
        foreach ($this->table->asked() as [$row, $column]) {
            array_push($shapes, ...$this->written($row, $column));
        }

        return $shapes;
    }

    /** @return list<TextField> */
    public function fields(): array
    {
        $fields = [];
        $blank = array_fill(0, max(1, $this->table->columnCount()), '');
        foreach ($this->boxes as $row => $boxes) {
            foreach ($boxes as $column => $box) {
                $text = $this->texts[$row][$column];
                $label = 'Row '.($row + 1).', column '.($column + 1);
                $fields[] = $text->field("rows/{$row}/{$column}", $label, $box->x + Columns::ACROSS, self::top($box, $text))
                    ->repeated(new Repetition($blank, 1, self::MOST));
            }
        }

        return $fields;
    }

    /** @return list<Shape> */
    private function cell(int $row, int $column, Box $box): array
    {
        if (! $this->table->cell($row, $column)->isAsked) {
            return $this->written($row, $column);
        }
        $inner = $box->inset(7);

        return [Shape::rectangle($inner, Paint::outlined($this->bounds->context->strong, 3, Paint::CARD, '10 8'), 10)];
    }

    /** @return list<Shape> */
    private function written(int $row, int $column): array
    {
        $box = $this->boxes[$row][$column];
        $text = $this->texts[$row][$column];

        return $this->table->shown($row, $column) === '' ? [] : $text->shapes($box->x + Columns::ACROSS, self::top($box, $text));
    }

    private static function top(Box $box, SetText $text): float
    {
        return $box->middleY() - $text->height() / 2;
    }

    private static function isBold(Table $table, bool $hasSide, int $row, int $column): bool
    {
        return ($table->hasHead && $row === 0) || ($hasSide && $column === 0);
    }
}
