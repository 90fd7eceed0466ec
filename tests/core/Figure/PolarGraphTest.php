<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\PolarGraph\PolarGraph;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class PolarGraphTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /**
     * Families of r = a ± b cos θ by a/b: below 1 inner loop, 1 cardioid, from 1 to 2 dimpled, from 2 on convex (standard calculus
     * tables).
     */
    public function test_families_of_limacons(): void
    {
        foreach ([
            '1 + 2 cos θ' => 'a limaçon with an inner loop',
            '3 - 3 sin θ' => 'a cardioid',
            '3 + 2 cos(θ)' => 'a dimpled limaçon',
            '2 + cos theta' => 'a convex limaçon',
            '5 + 2 sin t' => 'a convex limaçon',
        ] as $formula => $family) {
            self::assertSame($family, self::facts(self::of($formula))['family'], $formula);
        }
        self::assertArrayNotHasKey('family', self::facts(self::of('2 cos(2θ)')));
    }

    /**
     * Standard integrals: r = a(1 + cos θ) encloses 3/2 π a²; r = 1 + 2 cos θ encloses 2π + 3√3/2, its inner loop π − 3√3/2; r = 2 +
     * cos θ encloses 9/2 π.
     */
    public function test_areas_and_zeros_of_the_tables(): void
    {
        $value = static fn (string $formula, string $name): float => array_column(
            array_map(static fn ($fact): array => [$fact->name, $fact->quantity?->value->toFloat()], self::of($formula)->facts()),
            1,
            0,
        )[$name];
        self::assertEqualsWithDelta(1.5 * M_PI * 9, $value('3 + 3 cos θ', 'area'), 1e-6);
        self::assertEqualsWithDelta(2 * M_PI + 1.5 * sqrt(3), $value('1 + 2 cos θ', 'area'), 1e-6);
        self::assertEqualsWithDelta(M_PI - 1.5 * sqrt(3), $value('1 + 2 cos θ', 'loop area'), 1e-6);
        self::assertEqualsWithDelta(4.5 * M_PI, $value('2 + cos θ', 'area'), 1e-6);
        self::assertSame('120°, 240°', self::facts(self::of('1 + 2 cos θ'))['zeros']);
        self::assertSame('from 120° to 240°', self::facts(self::of('1 + 2 cos θ'))['negative']);
        self::assertSame('180°', self::facts(self::of('1 + cos θ'))['zeros'], 'a zero that is only touched');
    }

    public function test_symmetry_and_values(): void
    {
        self::assertSame('about the polar axis, about the line θ = 90°, about the pole', self::facts(self::of('cos(2θ)'))['symmetry']);
        self::assertSame('about the line θ = 90°', self::facts(self::of('1 + sin θ'))['symmetry']);
        self::assertSame('none', self::facts(self::of('θ + cos θ'))['symmetry']);
        $facts = self::facts(self::of('4 - 3 sin θ'));
        self::assertSame(
            ['4', '1', '4', '7', '7'],
            [$facts['at right'], $facts['at up'], $facts['at left'], $facts['at down'], $facts['largest']],
        );
    }

    public function test_what_is_no_polar_curve_gets_a_sentence(): void
    {
        self::assertRefused(PolarGraph::class, ['radius' => '0'], 'radius', 'gives no curve');
        self::assertRefused(PolarGraph::class, ['radius' => 'x + 1'], 'radius', '“x” has no value');
        self::assertRefused(PolarGraph::class, ['radius' => '2 cos'], 'radius', 'needs something');
    }

    /** @return non-empty-list<PolarGraph> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 40; $round++) {
            $function = ['cos', 'sin'][mt_rand(0, 1)];
            $figures[] = self::of(match ($round % 4) {
                0 => mt_rand(0, 9).' + '.mt_rand(1, 9)." {$function} θ",
                1 => mt_rand(1, 5)." {$function}(".mt_rand(2, 5).'θ)',
                2 => '0.'.mt_rand(1, 9).' θ',
                3 => mt_rand(1, 200)." - 30 {$function} θ",
            });
        }

        return $figures;
    }

    protected static function differentItems(int $kind): int
    {
        return 12;
    }

    private static function of(string $formula): PolarGraph
    {
        return PolarGraph::from(new Fields(['radius' => $formula]));
    }
}
