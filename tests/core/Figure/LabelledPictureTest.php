<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\LabelledPicture\LabelledPicture;
use Daybright\Figure\LabelledPicture\LeaderLines;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use PHPUnit\Framework\TestCase;

final class LabelledPictureTest extends TestCase
{
    use ChecksFigures;

    public function test_leader_lines_never_cross(): void
    {
        foreach (self::randomFigures(14) as $figure) {
            $lines = [];
            foreach (self::drawn($figure, $figure->smallest()) as $piece => $shapes) {
                if (str_starts_with($piece, 'part-')) {
                    $points = array_map(
                        static fn (string $point): array => array_map(floatval(...), explode(',', $point)),
                        explode(' ', (string) $shapes[0]->attributes['points']),
                    );
                    $lines[] = [$points[0], $points[1]];
                }
            }
            self::assertCount(count($figure->points), $lines);
            foreach ($lines as $number => $line) {
                foreach (array_slice($lines, $number + 1) as $other) {
                    self::assertFalse(LeaderLines::cross(...$line, ...$other));
                }
            }
        }
    }

    public function test_a_name_stands_in_the_margin_it_is_wished_for(): void
    {
        $three = [
            ['name' => 'a', 'x' => 0.2, 'y' => 0.2, 'side' => 'right'],
            ['name' => 'b', 'x' => 0.8, 'y' => 0.8, 'side' => 'left'],
            ['name' => 'c', 'x' => 0.9, 'y' => 0.1],
        ];
        self::assertSame(
            ['right', 'left', 'left'],
            self::margins(self::of(
                [['x' => 0.5, 'side' => 'right'] + $three[0], ['y' => 0.9] + $three[1], ['name' => 'c', 'x' => 0.1, 'y' => 0.1]],
                'names',
            )),
        );
        $free = array_map(static fn (array $point): array => array_diff_key($point, ['side' => '']), $three);
        self::assertSame(['left', 'left', 'right'], self::margins(self::of($free, 'names')));
    }

    public function test_a_name_stands_at_the_height_it_is_wished_for_as_far_as_names_keep_apart(): void
    {
        $height = static function (array $points): array {
            $drawn = self::drawn(self::of($points, 'names'), new Box(0, 0, 1000, 600));

            return array_map(
                static fn (int $number): float => (float) explode(
                    ',',
                    explode(' ', (string) $drawn["part-{$number}"][0]->attributes['points'])[1],
                )[1],
                range(1, count($points)),
            );
        };
        $low = ['name' => 'a', 'x' => 0.1, 'y' => 0.5, 'side' => 'left', 'height' => 0.8];
        self::assertEqualsWithDelta(4 + 0.8 * 592, $height([$low, ['name' => 'c', 'x' => 0.9, 'y' => 0.5]])[0], 1);
        [$upper, $lower] = $height([['name' => 'b', 'y' => 0.4, 'height' => 0.78] + $low, $low]);
        self::assertGreaterThanOrEqual(110.0, $lower - $upper);
        // A height alone, without a margin, is no wish.
        self::assertEqualsWithDelta(300, $height([['side' => ''] + $low])[0], 1);
    }

    public function test_a_wish_whose_line_would_cross_another_is_given_up(): void
    {
        // Two points side by side at one height, each wished for the far margin: their lines would run into one another.
        $crossed = self::of(
            [
                ['name' => 'a', 'x' => 0.4, 'y' => 0.5, 'side' => 'right'],
                ['name' => 'b', 'x' => 0.6, 'y' => 0.45, 'side' => 'left'],
                ['name' => 'c', 'x' => 0.1, 'y' => 0.1],
                ['name' => 'd', 'x' => 0.9, 'y' => 0.9],
            ],
            'names',
        );
        self::assertCount(4, self::margins($crossed));
        self::assertRefused(
            LabelledPicture::class,
            [
                'picture' => '',
                'points' => array_map(
                    static fn (int $number): array => ['name' => "part {$number}", 'x' => 0.1 * $number, 'y' => 0.5, 'side' => 'left'],
                    range(1, 7),
                ),
            ],
            'points',
            'More than six names',
        );
    }

    /** @return list<string> the margin of each part, by where its line ends */
    private static function margins(LabelledPicture $figure): array
    {
        $box = new Box(0, 0, 1000, 600);
        $margins = [];
        foreach (self::drawn($figure, $box) as $piece => $shapes) {
            if (str_starts_with($piece, 'part-')) {
                $ends = explode(' ', (string) $shapes[0]->attributes['points']);
                $margins[] = (float) explode(',', $ends[1])[0] < $box->middleX() ? 'left' : 'right';
            }
        }

        return $margins;
    }

    public function test_names_taken_out_are_told_nowhere(): void
    {
        $figure = self::of([['name' => 'gnomon', 'x' => 0.2, 'y' => 0.3], ['name' => 'dial', 'x' => 0.6, 'y' => 0.3]], 'blanks');
        $written = implode(
            ' ',
            array_map(static fn ($shape): string => $shape->written(), array_merge(...array_values(self::drawn($figure)))),
        );
        self::assertStringNotContainsString('gnomon', $written.$figure->words().$figure->steps()[1]->script);
        $bank = self::drawn(self::of(
            [['name' => 'zinc', 'x' => 0.2, 'y' => 0.3], ['name' => 'dial', 'x' => 0.6, 'y' => 0.3]],
            'bank',
        ))['picture'];
        $names = array_values(array_filter(array_map(static fn ($shape): string => $shape->written(), $bank)));
        self::assertSame(['dial', 'zinc'], $names, 'the list is in the order of the alphabet, not of the parts');
    }

    public function test_points_must_have_a_name_and_lie_on_the_picture(): void
    {
        self::assertRefused(
            LabelledPicture::class,
            ['picture' => '', 'points' => [['name' => '', 'x' => 0.1, 'y' => 0.1]]],
            'points',
            'has no name',
        );
        self::assertRefused(
            LabelledPicture::class,
            ['picture' => '', 'points' => [['name' => 'a', 'x' => 1.2, 'y' => 0.1]]],
            'points',
            'does not lie on the picture',
        );
        self::assertRefused(
            LabelledPicture::class,
            ['picture' => '', 'points' => [['name' => 'A', 'x' => 0.2, 'y' => 0.1], ['name' => 'a', 'x' => 0.2, 'y' => 0.1]]],
            'points',
            'the same name',
        );
        self::assertSame('This figure has no picture yet. Choose one.', self::of([], 'names', '')->missingPicture());
    }

    /** @return non-empty-list<LabelledPicture> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $points = array_map(
                static fn (int $number): array => [
                    'name' => [
                        'gnomon',
                        'hour line',
                        'foot of the stand',
                        'the longest shadow',
                        'rim',
                    ][$number % 5].($number > 4 ? " {$number}" : ''),
                    'x' => mt_rand(0, 1000) / 1000,
                    'y' => mt_rand(0, 1000) / 1000,
                    'side' => $round % 2 === 0 ? '' : ['left', 'right', '', ''][mt_rand(0, 3)],
                    'height' => $round % 4 === 1 ? mt_rand(0, 100) / 100 : null,
                ],
                range(0, mt_rand(0, $round % 2 === 0 ? 11 : 5)),
            );
            $figures[] = self::of($points, ['names', 'blanks', 'bank'][$round % 3]);
        }

        return $figures;
    }

    /** @param  list<array<string, mixed>>  $points */
    private static function of(array $points, string $view, string $picture = 'picture-1'): LabelledPicture
    {
        return LabelledPicture::from(new Fields(['picture' => $picture, 'points' => $points, 'view' => $view]));
    }
}
