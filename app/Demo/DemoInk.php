<?php

declare(strict_types=1);

namespace App\Demo;

use Daybright\Deck\BlockOnPage;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Placement;

/** What is drawn in the recording of the demo’s first lesson, over the picture and the words where they stand. */
final readonly class DemoInk
{
    /** The size of the drawing of the Sun’s path. */
    private const DRAWING = [1000, 700];

    public function __construct(private SlidePainter $painter)
    {
    }

    /** @return list<array<string, mixed>> events, each with the step that it is drawn during */
    public function on(Lesson $lesson, Slide $slide): array
    {
        $blocks = BlockOnPage::all($this->painter->paint($lesson, $slide));

        return match ($slide->id) {
            'sun-path' => [self::stroke('sun-path-2', 400, 'pen', '#B3261E', 8, self::path($blocks[$slide->blocks[0]->id]->graphics[0]))],
            'growing-shadow' => [self::stroke(
                'growing-shadow-4',
                600,
                'marker',
                '#E0A100',
                34,
                self::over('fits', $blocks[$slide->blocks[0]->id]->words),
            )],
            default => [],
        };
    }

    /**
     * Along the dotted path, which is a Bézier curve in the drawing’s own scale.
     *
     * @return list<array{int, float, float}>
     */
    private static function path(Box $picture): array
    {
        $placement = Placement::between(new Box(0, 0, ...self::DRAWING), $picture);

        return array_map(static function (int $step) use ($placement): array {
            $t = $step / 60;
            [$x, $y] = $placement->point(
                90 * (1 - $t) ** 3 + 3 * 160 * (1 - $t) ** 2 * $t + 3 * 840 * (1 - $t) * $t ** 2 + 910 * $t ** 3,
                460 * (1 - $t) ** 3 + 3 * 60 * (1 - $t) * $t + 460 * $t ** 3,
            );

            return [$step * 40, round($x, 1), round($y, 1)];
        }, range(0, 60));
    }

    /**
     * From the word before one to its end.
     *
     * @param  list<array{string, Box}>  $words
     * @return list<array{int, float, float}>
     */
    private static function over(string $last, array $words): array
    {
        $number = array_search($last, array_column($words, 0), true);
        $box = Box::around(array_column(array_slice($words, (int) $number - 1, 2), 1));

        return array_map(static function (int $step) use ($box): array {
            return [$step * 40, round($box->x + $step * $box->width / 22, 1), round($box->middleY() + $step % 4, 1)];
        }, range(0, 22));
    }

    /**
     * @param  list<array{int, float, float}>  $points
     * @return array<string, mixed>
     */
    private static function stroke(string $step, int $at, string $tool, string $colour, int $width, array $points): array
    {
        return [
            'kind' => 'ink',
            'during' => $step,
            'at' => $at,
            'tool' => $tool,
            'colour' => $colour,
            'width' => $width,
            'points' => $points,
        ];
    }
}
