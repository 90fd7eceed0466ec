<?php

declare(strict_types=1);

namespace Daybright\Figure\SoundBoxes;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A box for each sound with its letters, a dot or a dash under it, and an arc over each beat. */
final readonly class BoxesDrawing
{
    public function __construct(private SoundBoxes $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$cells, $size] = $this->cells();
        $pieces = ['boxes' => []];
        foreach ($this->figure->boxes as $number => [$written, $sound]) {
            $cell = $cells[$number];
            [$letters, $behind] = self::parts($written);
            $pieces['boxes'][] = Shape::rectangle($cell, Paint::outlined(Paint::INK, 4, '#FFFFFF'), 6);
            $shapes = [$this->context->type->label(
                $letters,
                $cell->middleX(),
                $cell->middleY() + $size * 0.3,
                new TextStyle($size, Paint::INK, true, 0.5),
            )];
            // A dot for a sound of one letter, a dash for one of several, an arc where they stand apart (common practice in early reading).
            $y = $cell->bottom() + 26;
            if ($behind !== '') {
                $x = $cells[$number + 1]->right() + self::gap($behind, $size, $this->context) / 2;
                $shapes[] = $this->context->type->label(
                    $behind,
                    $x,
                    $cell->middleY() + $size * 0.3,
                    new TextStyle($size, Paint::INK, true, 0.5),
                );
                $shapes[] = self::arc($cell->middleX(), $x, $cell->bottom() + 6, 40, $this->context->strong);
            } else {
                $shapes[] = mb_strlen($letters) === 1
                    ? Shape::circle($cell->middleX(), $y, 8, Paint::filled($this->context->strong))
                    : Shape::polyline(
                        [[$cell->x + $cell->width * 0.25, $y], [$cell->right() - $cell->width * 0.25, $y]],
                        Paint::outlined($this->context->strong, 8),
                    );
            }
            if ($sound !== '' && $this->context->type->width("/{$sound}/", new TextStyle(28)) <= $cell->width + 8) {
                $shapes[] = $this->context->type->label(
                    "/{$sound}/",
                    $cell->middleX(),
                    $y + 48,
                    new TextStyle(28, Paint::QUIET, false, 0.5),
                );
            }
            $pieces['sound-'.($number + 1)] = $shapes;
        }
        $pieces['beats'] = $this->syllables($cells);

        return $pieces;
    }

    /** @return array{list<Box>, float} the boxes, and the size of the letters in them */
    private function cells(): array
    {
        for ($size = 110.0; $size > 30; $size -= 4) {
            $widths = array_map(
                fn (array $box): float => max(
                    $size * 0.9,
                    $this->context->type->width(self::parts($box[0])[0], new TextStyle($size, Paint::INK, true)) + $size * 0.4,
                ),
                $this->figure->boxes,
            );
            // Letters that stand apart from their vowel have a place without a box, behind the next one.
            $gaps = array_map(fn (array $box): float => self::gap(self::parts($box[0])[1], $size, $this->context), $this->figure->boxes);
            if (array_sum($widths) + array_sum($gaps) <= $this->box->width - 8 && $size * 1.5 + 150 <= $this->box->height) {
                break;
            }
        }
        $high = $size * 1.5;
        $x = $this->box->middleX() - (array_sum($widths) + array_sum($gaps)) / 2;
        $y = $this->box->middleY() - $high / 2 - 8;
        $cells = [];
        foreach ($widths as $number => $width) {
            $cells[] = new Box($x, $y, $width, $high);
            $x += $width + ($gaps[$number - 1] ?? 0.0);
        }

        return [$cells, $size];
    }

    /**
     * @param  list<Box>  $cells
     * @return list<Shape>
     */
    private function syllables(array $cells): array
    {
        $shapes = [];
        foreach ($this->figure->syllableStarts as $number => $first) {
            $last = ($this->figure->syllableStarts[$number + 1] ?? count($cells)) - 1;
            if (! isset($cells[$first], $cells[$last])) {
                continue;
            }
            $shapes[] = self::arc($cells[$first]->x + 8, $cells[$last]->right() - 8, $cells[$first]->y - 12, -34, $this->context->strong);
        }

        return $shapes;
    }

    /**
     * The letters in the box, and those that belong to them and stand behind the next one: “a_e”.
     *
     * @return array{string, string}
     */
    private static function parts(string $written): array
    {
        [$letters, $behind] = explode('_', $written.'_');

        return [$letters, $behind];
    }

    private static function gap(string $letters, float $size, RenderContext $context): float
    {
        return $letters === '' ? 0.0 : $context->type->width($letters, new TextStyle($size, Paint::INK, true)) + $size * 0.3;
    }

    /** @param  float  $deep how far it hangs down; below zero it stands up */
    private static function arc(float $left, float $right, float $y, float $deep, string $colour): Shape
    {
        $points = array_map(
            static fn (int $piece): array => [$left + ($right - $left) * $piece / 16, $y + sin($piece / 16 * M_PI) * $deep],
            range(0, 16),
        );

        return Shape::polyline($points, Paint::outlined($colour, 5));
    }
}
