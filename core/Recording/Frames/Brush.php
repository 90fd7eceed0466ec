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
    /** What is known of a pixel that is covered as much as the brush covers, but for its value before. */
    private const WHOLE = 255 << 8;

    /** @var array<int, int> byte offset => coverage, 0 to 255, times 256, and the value before */
    private array $touched = [];

    /** @var list<array{int, string}> of each plane the value of the colour, and what becomes of each of 256 values under the brush */
    private readonly array $colours;

    private readonly float $radius;

    /**
     * @param  float  $width in slide units
     * @param  float  $strength 0 to 1: how much of what is below it covers
     */
    public function __construct(private readonly FrameSize $size, string $colour, float $width, private readonly float $strength = 1.0)
    {
        $mixed = fn (int $value): string => implode('', array_map(fn (int $base): string => $this->mixed($base, $value, 1), range(0, 255)));
        $this->colours = array_map(static fn (int $value): array => [$value, $mixed($value)], Pixel::yuv($colour));
        $this->radius = max(1.0, $width * $size->scale() / 2);
    }

    /** Ends of a straight piece in slide units. */
    public function line(string &$frame, float $x1, float $y1, float $x2, float $y2): void
    {
        $piece = new StraightPiece($this->size->across($x1), $this->size->down($y1), $this->size->across($x2), $this->size->down($y2));
        [$width, $height] = [$this->size->width, $this->size->height];
        $room = $this->size->within(new Box(0, 0, $width, $height));
        $this->plane($frame, 0, $width, $room, $piece, $this->radius, 0);
        // Of colour there is one value for every second pixel only.
        foreach ([1, 2] as $plane) {
            $offset = intdiv($width * $height * ($plane + 3), 4);
            $this->plane($frame, $offset, intdiv($width, 2), $room->scaled(0.5), $piece->scaled(0.5), $this->radius / 2, $plane);
        }
    }

    /** @param  Box  $room of the plane, in which it is seen */
    private function plane(string &$frame, int $offset, int $width, Box $room, StraightPiece $piece, float $radius, int $plane): void
    {
        $reach = $radius + 0.5;
        [$value, $whole] = $this->colours[$plane];
        [$left, $right] = [(int) ceil($room->x), (int) floor($room->right()) - 1];
        [$above, $below] = $piece->heights($reach);
        $bottom = min((int) floor($room->bottom()) - 1, (int) ceil($below));
        for ($y = max((int) ceil($room->y), (int) floor($above)); $y <= $bottom; $y++) {
            [$begins, $ends] = $piece->stretch($y + 0.5, $reach) ?? [INF, -INF];
            [$from, $to] = $piece->stretch($y + 0.5, $reach - 1) ?? [INF, -INF];
            $row = $offset + $y * $width;
            for ($x = (int) max($left, ceil($begins - 0.5)); $x <= $right && $x + 0.5 <= $ends; $x++) {
                $known = $this->touched[$row + $x] ?? ord($frame[$row + $x]);
                if ($known >= self::WHOLE) {
                    continue;
                }
                $base = $known & 255;
                if ($x + 0.5 >= $from && $x + 0.5 <= $to) {
                    $this->touched[$row + $x] = self::WHOLE | $base;
                    $frame[$row + $x] = $whole[$base];

                    continue;
                }
                $share = max(0.0, min(1.0, $reach - $piece->distance($x + 0.5, $y + 0.5)));
                $coverage = (int) ($share * 255) << 8;
                if ($coverage > $known) {
                    $this->touched[$row + $x] = $coverage | $base;
                    $frame[$row + $x] = $this->mixed($base, $value, $share);
                }
            }
        }
    }

    private function mixed(int $base, int $value, float $share): string
    {
        return chr((int) round($base + ($value - $base) * $share * $this->strength));
    }
}
