<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\LabelledPicture\LabelledPicture;
use Daybright\Figure\LabelledPicture\LeaderLines;
use Daybright\Lesson\Fields;
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
                    $points = array_map(static fn (string $point): array => array_map(floatval(...), explode(',', $point)), explode(' ', (string) $shapes[0]->attributes['points']));
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

    public function test_names_taken_out_are_told_nowhere(): void
    {
        $figure = self::of([['name' => 'gnomon', 'x' => 0.2, 'y' => 0.3], ['name' => 'dial', 'x' => 0.6, 'y' => 0.3]], 'blanks');
        $written = implode(' ', array_map(static fn ($shape): string => $shape->written(), array_merge(...array_values(self::drawn($figure)))));
        self::assertStringNotContainsString('gnomon', $written.$figure->words().$figure->steps()[1]->script);
        $bank = self::drawn(self::of([['name' => 'zinc', 'x' => 0.2, 'y' => 0.3], ['name' => 'dial', 'x' => 0.6, 'y' => 0.3]], 'bank'))['picture'];
        $names = array_values(array_filter(array_map(static fn ($shape): string => $shape->written(), $bank)));
        self::assertSame(['dial', 'zinc'], $names, 'the list is in the order of the alphabet, not of the parts');
    }

    public function test_points_must_have_a_name_and_lie_on_the_picture(): void
    {
        self::assertRefused(LabelledPicture::class, ['picture' => '', 'points' => [['name' => '', 'x' => 0.1, 'y' => 0.1]]], 'points', 'has no name');
        self::assertRefused(LabelledPicture::class, ['picture' => '', 'points' => [['name' => 'a', 'x' => 1.2, 'y' => 0.1]]], 'points', 'does not lie on the picture');
        self::assertRefused(LabelledPicture::class, ['picture' => '', 'points' => [['name' => 'A', 'x' => 0.2, 'y' => 0.1], ['name' => 'a', 'x' => 0.2, 'y' => 0.1]]], 'points', 'the same name');
        self::assertSame('This figure has no picture yet. Choose one.', self::of([], 'names', '')->missingPicture());
    }

    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $points = array_map(static fn (int $number): array => ['name' => ['gnomon', 'hour line', 'foot of the stand', 'the longest shadow', 'rim'][$number % 5].($number > 4 ? " {$number}" : ''), 'x' => mt_rand(0, 1000) / 1000, 'y' => mt_rand(0, 1000) / 1000], range(0, mt_rand(0, 11)));
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
