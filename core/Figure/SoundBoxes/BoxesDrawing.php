<?php

declare(strict_types=1);

namespace Daybright\Figure\SoundBoxes;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A box for each sound with its letters, a dot or a dash under it, and an arc over each beat. */
final readonly class BoxesDrawing
{
    public function __construct(private SoundBoxes $figure, private Box $box, private Setting $setting)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$cells, $size] = $this->cells();
        $pieces = ['boxes' => []];
        foreach ($this->figure->boxes as $number => [$letters, $sound]) {
            $cell = $cells[$number];
            $pieces['boxes'][] = Shape::rectangle($cell, Paint::outlined(Paint::INK, 4, '#FFFFFF'), 6);
            $shapes = [$this->setting->type->label($letters, $cell->middleX(), $cell->middleY() + $size * 0.3, new TextStyle($size, Paint::INK, true, 0.5))];
            // A dot for a sound of one letter, a dash for one of several (common practice in early reading).
            $y = $cell->bottom() + 26;
            $shapes[] = mb_strlen($letters) === 1
                ? Shape::circle($cell->middleX(), $y, 8, Paint::filled($this->setting->strong()))
                : Shape::polyline([[$cell->x + $cell->width * 0.25, $y], [$cell->right() - $cell->width * 0.25, $y]], Paint::outlined($this->setting->strong(), 8));
            if ($sound !== '' && $this->setting->type->width("/{$sound}/", new TextStyle(28)) <= $cell->width + 8) {
                $shapes[] = $this->setting->type->label("/{$sound}/", $cell->middleX(), $y + 48, new TextStyle(28, Paint::QUIET, false, 0.5));
            }
            $pieces['sound-'.($number + 1)] = $shapes;
        }
        $pieces['beats'] = $this->beats($cells);

        return $pieces;
    }

    /** @return array{list<Box>, float} the boxes, and the size of the letters in them */
    private function cells(): array
    {
        for ($size = 110.0; $size > 30; $size -= 4) {
            $widths = array_map(fn (array $box): float => max($size * 0.9, $this->setting->type->width($box[0], new TextStyle($size, Paint::INK, true)) + $size * 0.4), $this->figure->boxes);
            if (array_sum($widths) <= $this->box->width - 8 && $size * 1.5 + 150 <= $this->box->height) {
                break;
            }
        }
        $high = $size * 1.5;
        $x = $this->box->middleX() - array_sum($widths) / 2;
        $y = $this->box->middleY() - $high / 2 - 8;
        $cells = [];
        foreach ($widths as $width) {
            $cells[] = new Box($x, $y, $width, $high);
            $x += $width;
        }

        return [$cells, $size];
    }

    /**
     * @param  list<Box>  $cells
     * @return list<Shape>
     */
    private function beats(array $cells): array
    {
        $shapes = [];
        foreach ($this->figure->beatStarts as $number => $first) {
            $last = ($this->figure->beatStarts[$number + 1] ?? count($cells)) - 1;
            if (! isset($cells[$first], $cells[$last])) {
                continue;
            }
            [$left, $right, $y] = [$cells[$first]->x + 8, $cells[$last]->right() - 8, $cells[$first]->y - 12];
            $points = array_map(static fn (int $piece): array => [$left + ($right - $left) * $piece / 16, $y - sin($piece / 16 * M_PI) * 34], range(0, 16));
            $shapes[] = Shape::polyline($points, Paint::outlined($this->setting->strong(), 5));
        }

        return $shapes;
    }
}
