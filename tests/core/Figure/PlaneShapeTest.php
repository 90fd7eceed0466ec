<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\PlaneShape\PlaneShape;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class PlaneShapeTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_a_rectangle_follows_from_any_two_measures(): void
    {
        $measures = ['length' => '8', 'width' => '3', 'perimeter' => '22', 'area' => '24'];
        foreach ([
            ['length', 'width'],
            ['length', 'perimeter'],
            ['width', 'perimeter'],
            ['length', 'area'],
            ['width', 'area'],
            ['perimeter', 'area'],
        ] as $known) {
            $facts = self::facts(self::of('rectangle', array_intersect_key($measures, array_flip($known))));
            self::assertSame(
                ["8\u{00A0}cm", "3\u{00A0}cm", "22\u{00A0}cm", "24\u{00A0}cm²"],
                [$facts['length'], $facts['width'], $facts['perimeter'], $facts['area']],
                implode(' and ', $known),
            );
        }
    }

    public function test_triangles_of_the_handbook(): void
    {
        // Heronian triangles with whole sides and areas: 3-4-5 has 6, 13-14-15 has 84, 5-5-8 has 12 (number theory handbooks; from memory).
        foreach ([
            [['3', '4', '5'], '6', 'right-angled'],
            [['13', '14', '15'], '84', 'acute-angled'],
            [['5', '5', '8'], '12', 'obtuse-angled'],
        ] as [$sides, $area, $kind]) {
            $facts = self::facts(self::of('triangle', ['first' => $sides[0], 'second' => $sides[1], 'third' => $sides[2]]));
            self::assertSame(["{$area}\u{00A0}cm²", $kind], [$facts['area'], $facts['by angles']]);
        }
        $angles = self::facts(self::of('triangle', ['first' => '6', 'second' => '6', 'third' => '6']));
        self::assertSame(
            ['60°', '60°', '60°', 'equilateral'],
            [$angles['angle one'], $angles['angle two'], $angles['angle three'], $angles['by sides']],
        );
    }

    public function test_right_triangles_circles_and_l_shapes(): void
    {
        self::assertSame("12\u{00A0}cm", self::facts(self::of('right', ['base' => '5', 'hypotenuse' => '13']))['height']);
        $circle = self::facts(self::of('circle', ['diameter' => '10']));
        self::assertSame(
            ["5\u{00A0}cm", "≈\u{00A0}31.42\u{00A0}cm", "≈\u{00A0}78.54\u{00A0}cm²"],
            [$circle['radius'], $circle['circumference'], $circle['area']],
        );
        $compound = self::facts(self::of('compound', ['length' => '9', 'width' => '6', 'cutLength' => '4', 'cutWidth' => '2']));
        self::assertSame(["30\u{00A0}cm", "46\u{00A0}cm²"], [$compound['perimeter'], $compound['area']]);
    }

    public function test_impossible_shapes_are_refused(): void
    {
        $cm = ['unit' => 'cm'];
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'triangle', 'first' => '1', 'second' => '2', 'third' => '5'] + $cm,
            'third',
            'do not close',
        );
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'triangle', 'first' => '1', 'second' => '2', 'third' => '3'] + $cm,
            'third',
            'do not close',
        );
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'rectangle', 'length' => '8', 'perimeter' => '16'] + $cm,
            'perimeter',
            'more than twice',
        );
        self::assertRefused(PlaneShape::class, ['shape' => 'rectangle', 'perimeter' => '16', 'area' => '17'] + $cm, 'area', 'No rectangle');
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'rectangle', 'length' => '8', 'width' => '3', 'area' => '25'] + $cm,
            'area',
            'exactly two',
        );
        self::assertRefused(PlaneShape::class, ['shape' => 'right', 'base' => '8', 'hypotenuse' => '7'] + $cm, 'hypotenuse', 'longer than');
        self::assertRefused(PlaneShape::class, ['shape' => 'circle', 'radius' => '2', 'area' => '9'] + $cm, 'area', 'one measure');
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'compound', 'length' => '9', 'width' => '6', 'cutLength' => '9', 'cutWidth' => '2'] + $cm,
            'cutLength',
            'shorter than the whole',
        );
        self::assertRefused(PlaneShape::class, ['shape' => 'rectangle', 'length' => '80', 'width' => '1'] + $cm, 'shape', 'hard to see');
        self::assertRefused(
            PlaneShape::class,
            ['shape' => 'rectangle', 'length' => '8', 'width' => '3', 'unit' => 'kg'],
            'unit',
            'are lengths',
        );
    }

    public function test_it_is_drawn_to_scale(): void
    {
        $shape = self::drawn(self::of('rectangle', ['length' => '8', 'width' => '5']))['shape'][0];
        self::assertEqualsWithDelta(8 / 5, $shape->box->width / $shape->box->height, 0.001);
    }

    /** @return non-empty-list<PlaneShape> */
    protected static function kinds(): array
    {
        return array_slice(self::randomFigures(5), 0, 5);
    }

    protected static function differentItems(int $kind): int
    {
        // A circle has as many items as whole radii, a right triangle as whole triples.
        return [30, 30, 25, 8, 30][$kind];
    }

    public function test_practice_is_about_the_shape_that_is_shown(): void
    {
        foreach ([
            'a rectangle' => 0,
            'a triangle' => 1,
            'A right triangle' => 2,
            'A circle' => 3,
            'From a rectangle' => 4,
        ] as $words => $place) {
            $figure = self::kinds()[$place];
            self::assertInstanceOf(PlaneShape::class, $figure);
            self::assertStringContainsStringIgnoringCase($words, $figure->vary(4, 1)->prompt);
        }
        $circle = self::kinds()[3];
        self::assertInstanceOf(PlaneShape::class, $circle);
        $item = $circle->vary(2, 2);
        self::assertStringEndsWith('Give three figures.', $item->prompt);
        self::assertNotSame('', $item->tolerance);
    }

    /** @return non-empty-list<PlaneShape> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 60; $round++) {
            [$a, $b] = [mt_rand(6, 30), mt_rand(8, 30)];
            $figures[] = self::of('rectangle', ['length' => (string) $a, 'width' => (string) $b]);
            $figures[] = self::of(
                'triangle',
                ['first' => (string) $a, 'second' => (string) $b, 'third' => (string) mt_rand(abs($a - $b) + 2, $a + $b - 2)],
            );
            $figures[] = self::of('right', ['base' => (string) $a, 'height' => (string) $b]);
            $figures[] = self::of(
                'circle',
                [['radius', 'diameter', 'circumference', 'area'][mt_rand(0, 3)] => (string) (mt_rand(1, 90000) / 10)],
            );
            $figures[] = self::of(
                'compound',
                [
                    'length' => (string) $a,
                    'width' => (string) $b,
                    'cutLength' => (string) mt_rand(3, $a - 3),
                    'cutWidth' => (string) ($b / 2),
                ],
            );
        }

        return $figures;
    }

    /** @param  array<string, string>  $measures */
    private static function of(string $shape, array $measures): PlaneShape
    {
        return PlaneShape::from(new Fields(['shape' => $shape, 'unit' => 'cm'] + $measures));
    }
}
