<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use GdImage;
use RuntimeException;

/** A slide as librsvg draws it, to be measured: what stands out from the ground, and where nothing does. */
final class RenderedSlide
{
    private const WIDTH = 160;

    private const HEIGHT = 90;

    /** Above the horizon, which belongs to the ground. */
    private const SEEN = 83;

    /** How far a channel may differ from the ground and still be ground. */
    private const ALIKE = 10;

    /** @param  list<list<bool>>  $taken by row and column, down to the horizon */
    private function __construct(private readonly array $taken)
    {
    }

    public static function draw(string $svg): self
    {
        $source = Files::temporary('svg');
        $target = Files::temporary('png');
        try {
            file_put_contents($source, $svg);
            Program::run('rsvg', ['--unlimited', '-w', (string) self::WIDTH, '-h', (string) self::HEIGHT, '-o', $target, $source]);
            $image = imagecreatefrompng($target);
        } finally {
            @unlink($source);
            @unlink($target);
        }

        return new self(self::read($image instanceof GdImage ? $image : throw new RuntimeException('The slide was not drawn.')));
    }

    /** @param  non-empty-list<float>  $values */
    public static function quantile(array $values, float $share): float
    {
        sort($values);

        return $values[(int) round((count($values) - 1) * $share)];
    }

    /** Share of the slide above the horizon, from 0 to 1. */
    public function largestEmptyRectangle(): float
    {
        $heights = array_fill(0, self::WIDTH + 1, 0);
        $largest = 0;
        foreach ($this->taken as $row) {
            foreach ($row as $column => $taken) {
                $heights[$column] = $taken ? 0 : $heights[$column] + 1;
            }
            $rising = [];
            foreach ($heights as $at => $height) {
                $begin = $at;
                while ($rising !== [] && $rising[count($rising) - 1][1] >= $height) {
                    [$begin, $high] = array_pop($rising);
                    $largest = max($largest, $high * ($at - $begin));
                }
                $rising[] = [$begin, $height];
            }
        }

        return $largest / (self::WIDTH * self::SEEN);
    }

    /** The share that the box around all content has of the slide above the horizon. */
    public function contentBox(): float
    {
        $rows = $columns = [];
        foreach ($this->taken as $y => $row) {
            foreach (array_keys($row, true, true) as $x) {
                $rows[$y] = $columns[$x] = true;
            }
        }
        if ($rows === []) {
            return 0.0;
        }

        return (max(array_keys($rows)) - min(array_keys($rows)) + 1)
            * (max(array_keys($columns)) - min(array_keys($columns)) + 1) / (self::WIDTH * self::SEEN);
    }

    /** @return list<list<bool>> */
    private static function read(GdImage $image): array
    {
        $ground = (int) imagecolorat($image, 2, 40);
        $taken = [];
        for ($y = 0; $y < self::SEEN; $y++) {
            $taken[$y] = [];
            for ($x = 0; $x < self::WIDTH; $x++) {
                $pixel = (int) imagecolorat($image, $x, $y);
                $difference = max(array_map(
                    static fn (int $shift): int => abs((($pixel >> $shift) & 255) - (($ground >> $shift) & 255)),
                    [0, 8, 16],
                ));
                $taken[$y][$x] = $difference > self::ALIKE;
            }
        }

        return $taken;
    }
}
