<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Words in two columns at the foot of a figure, to be taken to their places. */
final readonly class Bank
{
    private const ROW = 42.0;

    private const COLUMNS = 2;

    /**
     * @param  list<string>  $words in the order in which they stand
     * @param  Box  $box of the whole figure
     */
    public function __construct(private array $words, private Box $box, private RenderContext $context)
    {
    }

    public static function height(int $words): float
    {
        return self::ROW * ceil($words / self::COLUMNS) + 8;
    }

    /** @return array<string, Box> where each stands, by itself */
    public function places(): array
    {
        $top = $this->box->bottom() - self::height(count($this->words)) + 8;
        $width = $this->box->width / self::COLUMNS;
        $places = [];
        foreach ($this->words as $number => $word) {
            $x = $this->box->x + ($number % self::COLUMNS) * $width;
            $places[$word] = new Box($x, $top + intdiv($number, self::COLUMNS) * self::ROW, $width - 8, self::ROW);
        }

        return $places;
    }

    /**
     * @param  list<string>  $taken words that are seen no more
     * @return list<Shape>
     */
    public function shapes(array $taken = []): array
    {
        $shapes = [];
        foreach (array_diff_key($this->places(), array_flip($taken)) as $word => $box) {
            [$written, $style] = Table::cut((string) $word, $box->width - 28, new TextStyle(30, Paint::INK), $this->context->type);
            $y = $box->y + 0.7 * self::ROW;
            $shapes[] = Shape::circle($box->x + 10, $y - 10, 6, Paint::filled($this->context->strong));
            $shapes[] = $this->context->type->label($written, $box->x + 28, $y, $style);
        }

        return $shapes;
    }
}
