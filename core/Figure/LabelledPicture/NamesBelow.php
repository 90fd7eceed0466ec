<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Scene\Box;

/** Where there is little width a picture takes all of it, and what belongs to its points stands in rows below. */
final readonly class NamesBelow
{
    /** Rows in which a name of two lines finds room, and at the most. */
    private const ROW = 66.0;

    private const LARGEST_ROW = 74.0;

    private const PICTURE = 280.0;

    private const GAP = 16.0;

    private const WIDTH = 550.0;

    private float $row;

    /** @param  float  $foot height that is left free at the foot */
    public function __construct(private int $count, private int $columns, private Box $box, private float $foot = 0.0)
    {
        $free = $box->height - $foot - self::GAP - self::PICTURE;
        $this->row = max(self::ROW, min(self::LARGEST_ROW, $free / max(1, $this->rows())));
    }

    /** The narrowest box for so many points. */
    public static function narrowest(int $count, int $columns, float $foot = 0.0): Box
    {
        return new Box(0, 0, self::WIDTH, self::PICTURE + self::GAP + self::ROW * ceil($count / $columns) + $foot);
    }

    /** What is left for the picture. */
    public function picture(): Box
    {
        return new Box(
            $this->box->x,
            $this->box->y,
            $this->box->width,
            $this->box->height - $this->foot - self::GAP - $this->row * $this->rows(),
        );
    }

    /** Where the row of a point stands, down one column and then the next. */
    public function row(int $number): Box
    {
        $width = $this->box->width / $this->columns;
        $top = $this->box->bottom() - $this->foot - $this->row * $this->rows();

        return new Box(
            $this->box->x + intdiv($number, $this->rows()) * $width,
            $top + ($number % $this->rows()) * $this->row,
            $width - ($this->columns > 1 ? 12 : 0),
            $this->row,
        );
    }

    private function rows(): int
    {
        return (int) ceil($this->count / $this->columns);
    }
}
