<?php

declare(strict_types=1);

namespace Daybright\Block\Table;

use Closure;
use Daybright\Block\LayoutBounds;
use Daybright\Maths\Table\Table;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** How wide the columns of a table are, together as wide as its room, and how large its type, so that no word is broken. */
final readonly class Columns
{
    /** Left and right of what stands in a cell. */
    public const ACROSS = 22.0;

    /** An empty column is still wide enough to be typed in. */
    private const NARROWEST = 90.0;

    private const SMALLER = 0.92;

    /** @param  list<float>  $widths */
    private function __construct(public array $widths, public float $size)
    {
    }

    /** @param  Closure(int, int): bool  $isBold by row and column */
    public static function of(Table $table, LayoutBounds $bounds, Closure $isBold): self
    {
        $size = $bounds->size;
        do {
            $least = self::measured($table, $bounds, $size, $isBold, self::words(...));
            $fits = array_sum($least) <= $bounds->width;
            $size = $fits ? $size : $size * self::SMALLER;
        } while (! $fits && $size > Typesetter::SMALLEST);
        $size = max(Typesetter::SMALLEST, $size);
        $wanted = self::measured($table, $bounds, $size, $isBold, static fn (string $text): array => [$text]);

        return new self(self::shared($least, $wanted, $bounds->width), $size);
    }

    /** @return list<string> a number and its unit stay together */
    private static function words(string $text): array
    {
        $words = preg_split('/(?<!\d) /u', $text);

        return $words === false ? [$text] : $words;
    }

    /**
     * What is over is shared out evenly, so that short columns are not lost between long ones; where it is too little for all on one
     * line, those that lack most get most.
     *
     * @param  list<float>  $least for the longest word of each
     * @param  list<float>  $wanted for all on one line
     * @return list<float>
     */
    private static function shared(array $least, array $wanted, float $width): array
    {
        $over = $width - array_sum($wanted);
        if ($over >= 0) {
            return array_map(static fn (float $each): float => $each + $over / max(1, count($wanted)), $wanted);
        }
        $narrowest = array_sum($least);
        $lacking = max(1.0, array_sum($wanted) - $narrowest);
        $rest = max(0.0, $width - $narrowest);
        $squeezed = min(1.0, $width / max(1.0, $narrowest));

        return array_map(
            static fn (float $word, float $line): float => $word * $squeezed + $rest * ($line - $word) / $lacking,
            $least,
            $wanted,
        );
    }

    /**
     * @param  Closure(int, int): bool  $isBold
     * @param  Closure(string): list<string>  $pieces of a text that are not broken
     * @return list<float> the widest piece of each column, with its margins
     */
    private static function measured(Table $table, LayoutBounds $bounds, float $size, Closure $isBold, Closure $pieces): array
    {
        $widths = [];
        for ($column = 0; $column < $table->columnCount(); $column++) {
            $widest = self::NARROWEST;
            for ($row = 0; $row < $table->rowCount(); $row++) {
                $style = new TextStyle($size, bold: $isBold($row, $column) || $table->cell($row, $column)->isAsked);
                foreach ($pieces($table->shown($row, $column)) as $piece) {
                    $widest = max($widest, $bounds->context->type->width($piece, $style) + 2 * self::ACROSS + 2);
                }
            }
            $widths[] = $widest;
        }

        return $widths;
    }
}
