<?php

declare(strict_types=1);

namespace App\Demo;

use Daybright\Deck\BlockOnPage;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Placement;

/** What is done while the demo’s first lesson is recorded: drawn, covered, looked at closer, marked and filled. */
final readonly class DemoPerformance
{
    /** The size of the drawing of the Sun’s path. */
    private const DRAWING = [1000, 700];

    public function __construct(private SlidePainter $painter)
    {
    }

    /** @return list<array<string, mixed>> events, each with the step that it is done during */
    public function on(Lesson $lesson, Slide $slide): array
    {
        $blocks = BlockOnPage::all($this->painter->paint($lesson, $slide));
        $first = $slide->blocks[0]->id ?? '';

        return match ($slide->id) {
            'turning-earth' => self::covered('turning-earth-1', $blocks[$first]->box, 600, 5200),
            'sun-path' => [
                self::stroke('sun-path-2', 400, 'pen', '#B3261E', 8, self::path($blocks[$first]->graphics[0])),
                ...self::seenLarge('sun-path-3', $blocks[$first]->graphics[0], 600, 4200),
            ],
            'growing-shadow' => [
                self::act('growing-shadow-1', 3300, $first, ['annotations' => ['words' => ['18 cm' => 'ring']]]),
                self::act('growing-shadow-1', 5600, $first, ['annotations' => ['words' => ['30 cm' => 'ring']]]),
                self::stroke('growing-shadow-4', 600, 'marker', '#E0A100', 34, self::over('fits', $blocks[$first]->words)),
            ],
            'sand-tray' => array_map(
                static fn (int $height): array => self::act('sand-tray-2', ($height - 1) * 700, $first, [
                    'quantities' => ['fill' => (string) $height],
                ]),
                range(1, 4),
            ),
            default => [],
        };
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private static function act(string $step, int $at, string $block, array $change): array
    {
        return ['kind' => 'act', 'during' => $step, 'at' => $at, 'block' => $block, 'change' => $change];
    }

    /**
     * The lower part of a card, for as long as the class guesses.
     *
     * @return list<array<string, mixed>>
     */
    private static function covered(string $step, Box $card, int $from, int $to): array
    {
        $part = new Box($card->x, $card->y + $card->height * 0.42, $card->width, $card->height * 0.58);

        return [
            ['kind' => 'cover', 'during' => $step, 'at' => $from, 'cover' => 'meaning', ...array_map(
                static fn (float $length): float => round($length, 1),
                get_object_vars($part),
            )],
            ['kind' => 'uncover', 'during' => $step, 'at' => $to, 'cover' => 'meaning'],
        ];
    }

    /**
     * The evening half of the picture, and then all of the slide again.
     *
     * @return list<array<string, mixed>>
     */
    private static function seenLarge(string $step, Box $picture, int $from, int $to): array
    {
        $view = ['kind' => 'view', 'during' => $step];

        return [
            ['at' => $from, 'x' => round($picture->x + $picture->width * 0.35, 1), 'y' => round($picture->y, 1), 'width' => 860.0] + $view,
            ['at' => $to, 'x' => 0.0, 'y' => 0.0, 'width' => 1600.0] + $view,
        ];
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
