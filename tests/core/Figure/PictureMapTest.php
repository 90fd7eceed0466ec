<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\PictureMap\PictureMap;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class PictureMapTest extends TestCase
{
    use ChecksFigures;

    public function test_signs_on_neighbouring_spots_do_not_cover_one_another(): void
    {
        foreach (self::randomFigures(15) as $map) {
            foreach ([$map->smallest(), $map->narrowest()] as $box) {
                self::assertSignsKeepApart(self::drawn($map, $box));
            }
        }
    }

    /** @param  array<string, list<Shape>>  $drawn */
    private static function assertSignsKeepApart(array $drawn): void
    {
        $signs = [];
        foreach ($drawn as $piece => $shapes) {
            if (str_starts_with($piece, 'spot-')) {
                $signs[] = $shapes[0]->box;
            }
        }
        foreach ($signs as $number => $sign) {
            foreach (array_slice($signs, $number + 1) as $other) {
                self::assertGreaterThan(40, hypot($sign->middleX() - $other->middleX(), $sign->middleY() - $other->middleY()));
            }
        }
    }

    public function test_a_spot_keeps_the_slide_it_leads_to(): void
    {
        $map = PictureMap::from(new Fields([
            'picture' => 'picture-1',
            'spots' => [['name' => 'the boat', 'x' => 0.2, 'y' => 0.3, 'slide' => 'slide-9']],
        ]));
        self::assertSame('slide-9', $map->spots[0]->slide);
        self::assertSame(['picture-1'], $map->pictures());
    }

    public function test_a_spot_leads_on_from_its_sign_and_from_its_name_and_a_spot_without_a_slide_does_not(): void
    {
        $map = PictureMap::from(new Fields([
            'picture' => 'picture-1',
            'spots' => [
                ['name' => 'the boat', 'x' => 0.2, 'y' => 0.3, 'slide' => 'slide-9'],
                ['name' => 'the sky', 'x' => 0.7, 'y' => 0.1, 'slide' => ''],
            ],
        ]));
        $context = new RenderContext(Slides::typesetter(), PartKind::Explain->tint(), PartKind::Explain->strong(), Slides::pictures());
        foreach ([$map->smallest(), $map->narrowest()] as $box) {
            $links = $map->links($box, $context);
            self::assertSame(['spot-1'], array_keys($links));
            self::assertSame(['slide-9', '1. the boat'], [$links['spot-1']->slide, $links['spot-1']->label]);
            [$sign, $row] = $links['spot-1']->areas;
            $drawn = $map->scene($box, $context)['spot-1'];
            self::assertTrue(self::holds($sign, $drawn[0]->box), 'The sign on the picture can be touched.');
            self::assertTrue(self::holds($row, $drawn[2]->box), 'The sign in the list can be touched.');
        }
    }

    public function test_places_to_touch_stay_in_the_box_and_do_not_cover_one_another_in_the_list(): void
    {
        $context = new RenderContext(Slides::typesetter(), PartKind::Explain->tint(), PartKind::Explain->strong(), Slides::pictures());
        foreach (self::randomFigures(16) as $map) {
            foreach ([$map->smallest(), $map->narrowest()] as $box) {
                $bottom = $box->y;
                foreach ($map->links($box, $context) as $link) {
                    [$sign, $row] = $link->areas;
                    self::assertTrue(self::holds($box, $sign));
                    self::assertTrue(self::holds($box, $row));
                    self::assertGreaterThanOrEqual($bottom - 0.01, $row->y);
                    $bottom = $row->bottom();
                }
            }
        }
    }

    private static function holds(Box $outer, Box $inner): bool
    {
        return $inner->x >= $outer->x - 0.01
            && $inner->y >= $outer->y - 0.01
            && $inner->right() <= $outer->right() + 0.01
            && $inner->bottom() <= $outer->bottom() + 0.01;
    }

    public function test_too_many_spots_are_refused(): void
    {
        $spots = array_map(static fn (int $number): array => ['name' => "spot {$number}", 'x' => 0.1 * $number, 'y' => 0.5], range(0, 9));
        self::assertRefused(PictureMap::class, ['picture' => '', 'spots' => $spots], 'spots', 'at most 9');
    }

    /** @return non-empty-list<PictureMap> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $near = mt_rand(0, 1) === 1 ? 1000 : 120;
            $spots = array_map(
                static fn (int $number): array => [
                    'name' => ['the boat', 'a woman with a lamp', 'sky'][$number % 3]." {$number}",
                    'x' => mt_rand(0, $near) / 1000,
                    'y' => mt_rand(0, $near) / 1000,
                    'slide' => mt_rand(0, 1) === 1 ? "slide-{$number}" : '',
                ],
                range(0, mt_rand(0, 8)),
            );
            $figures[] = PictureMap::from(new Fields(['picture' => 'picture-1', 'spots' => $spots]));
        }

        return $figures;
    }
}
