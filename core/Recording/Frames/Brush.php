<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Daybright\Scene\Box;

/**
 * Draws one line into a raw picture (yuv420p), as it grows: a round brush with a soft edge of one pixel.
 *
 * Each pixel keeps the largest coverage it had so far, so that a line that crosses itself gets no darker.
 */
final class Brush
{
    /** @var array<int, array{float, int}> byte offset => [coverage, value before] */
    private array $touched = [];

    /** @var array{int, int, int} */
    private readonly array $yuv;

    private readonly float $radius;

    /**
     * @param  float  $width in slide units
     * @param  float  $strength 0 to 1: how much of what is below it covers
     */
    public function __construct(private readonly FrameSize $size, string $colour, float $width, private readonly float $strength = 1.0)
    {
        $this->yuv = Pixel::yuv($colour);
        $this->radius = max(1.0, $width * $size->scale() / 2);
    }

    /** Ends of a straight piece in slide units. */
    public function line(string &$frame, float $x1, float $y1, float $x2, float $y2): void
    {
        [$x1, $x2] = [$this->size->across($x1), $this->size->across($x2)];
        [$y1, $y2] = [$this->size->down($y1), $this->size->down($y2)];
        [$width, $height] = [$this->size->width, $this->size->height];
        $this->plane($frame, 0, $width, $height, $x1, $y1, $x2, $y2, $this->radius, $this->yuv[0]);
        $luma = $width * $height;
        foreach ([0, 1] as $plane) {
            $this->plane(
                $frame,
                $luma + $plane * intdiv($luma, 4),
                intdiv($width, 2),
                intdiv($height, 2),
                $x1 / 2,
                $y1 / 2,
                $x2 / 2,
                $y2 / 2,
                $this->radius / 2,
                $this->yuv[$plane + 1],
            );
        }
    }

    private function plane(
        string &$frame,
        int $offset,
        int $width,
        int $height,
        float $x1,
        float $y1,
        float $x2,
        float $y2,
        float $radius,
        int $value,
    ): void {
        $reach = $radius + 0.5;
        // Of colour there is one value for every second pixel only.
        $room = $this->size->within(new Box(0, 0, $this->size->width, $this->size->height))->scaled($width / $this->size->width);
        $left = max(0, (int) ceil($room->x), (int) floor(min($x1, $x2) - $reach));
        $right = min($width - 1, (int) floor($room->right()) - 1, (int) ceil(max($x1, $x2) + $reach));
        $top = max(0, (int) ceil($room->y), (int) floor(min($y1, $y2) - $reach));
        $bottom = min($height - 1, (int) floor($room->bottom()) - 1, (int) ceil(max($y1, $y2) + $reach));
        [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
        $square = $dx * $dx + $dy * $dy;
        for ($y = $top; $y <= $bottom; $y++) {
            $py = $y + 0.5 - $y1;
            for ($x = $left; $x <= $right; $x++) {
                $px = $x + 0.5 - $x1;
                $along = $square > 0 ? max(0.0, min(1.0, ($px * $dx + $py * $dy) / $square)) : 0.0;
                $distance = sqrt(($px - $along * $dx) ** 2 + ($py - $along * $dy) ** 2);
                if ($distance >= $reach) {
                    continue;
                }
                $coverage = min(1.0, $reach - $distance) * $this->strength;
                $at = $offset + $y * $width + $x;
                [$before, $base] = $this->touched[$at] ?? [0.0, ord($frame[$at])];
                if ($coverage > $before) {
                    $this->touched[$at] = [$coverage, $base];
                    $frame[$at] = chr((int) round($base + ($value - $base) * $coverage));
                }
            }
        }
    }
}
