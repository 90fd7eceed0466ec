<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Venn\Venn;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class VennTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_every_region_follows_from_enough_counts(): void
    {
        // Inclusion and exclusion for three sets: |A ∪ B ∪ C| = 18 + 16 + 15 − 6 − 5 − 4 + 2 = 36.
        $facts = self::facts(self::three([
            'total' => '40',
            'A' => '18',
            'B' => '16',
            'C' => '15',
            'AB' => '6',
            'AC' => '5',
            'BC' => '4',
            'ABC' => '2',
        ]));
        self::assertSame(
            ['36', '4', '9', '8', '8', '9/10', '1/20'],
            [
                $facts['any'],
                $facts['neither'],
                $facts['only first'],
                $facts['only second'],
                $facts['only third'],
                $facts['chance of any'],
                $facts['chance of all three'],
            ],
        );
        self::assertSame(
            ['4', '3', '2'],
            [$facts['first and second only'], $facts['first and third only'], $facts['second and third only']],
        );
    }

    public function test_any_four_counts_that_settle_two_sets_agree(): void
    {
        $whole = [
            'total' => '30',
            'A' => '14',
            'B' => '11',
            'AB' => '4',
            'onlyA' => '10',
            'onlyB' => '7',
            'union' => '21',
            'neither' => '9',
        ];
        $expected = self::facts(self::two($whole));
        foreach ([
            ['total', 'A', 'B', 'AB'],
            ['total', 'onlyA', 'onlyB', 'neither'],
            ['union', 'neither', 'A', 'B'],
            ['total', 'A', 'B', 'neither'],
            ['onlyA', 'onlyB', 'AB', 'total'],
        ] as $known) {
            self::assertSame($expected, self::facts(self::two(array_intersect_key($whole, array_flip($known)))));
        }
    }

    public function test_counts_that_contradict_or_do_not_suffice_get_a_sentence(): void
    {
        $names = ['sets' => 'two', 'nameA' => 'Cats', 'nameB' => 'Dogs'];
        self::assertRefused(Venn::class, $names + ['total' => '30', 'A' => '14', 'B' => '11', 'AB' => '12'], 'B', 'cannot all be right');
        self::assertRefused(
            Venn::class,
            $names + ['total' => '30', 'A' => '14', 'B' => '11', 'AB' => '4', 'neither' => '8'],
            'neither',
            'it follows that 9',
        );
        self::assertRefused(Venn::class, $names + ['total' => '30', 'A' => '14', 'B' => '11'], 'AB', 'Give one more');
        self::assertRefused(Venn::class, $names + ['total' => '20', 'A' => '14', 'B' => '11', 'AB' => '4'], 'total', 'cannot all be right');
        self::assertRefused(Venn::class, $names + ['total' => '3.5'], 'total', 'whole number');
        self::assertRefused(Venn::class, ['nameB' => 'Cats'] + $names, 'nameB', 'a name of its own');
    }

    /** @return non-empty-list<Venn> */
    protected static function kinds(): array
    {
        return array_slice(self::randomFigures(5), 0, 2);
    }

    /** @return non-empty-list<Venn> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        $size = static fn (): int => mt_rand(0, [9, 99, 9999][mt_rand(0, 2)]);
        for ($round = 0; $round < 60; $round++) {
            [$onlyA, $onlyB, $both, $none] = [$size(), $size(), $size(), $size()];
            $figures[] = self::two([
                'onlyA' => (string) $onlyA,
                'onlyB' => (string) $onlyB,
                'AB' => (string) $both,
                'neither' => (string) $none,
            ]);
            [$a, $b, $c, $ab, $ac, $bc, $abc, $none] = array_map($size, range(0, 7));
            $figures[] = self::three([
                'A' => (string) ($a + $ab + $ac + $abc),
                'B' => (string) ($b + $ab + $bc + $abc),
                'C' => (string) ($c + $ac + $bc + $abc),
                'AB' => (string) ($ab + $abc),
                'AC' => (string) ($ac + $abc),
                'BC' => (string) ($bc + $abc),
                'ABC' => (string) $abc,
                'neither' => (string) $none,
            ]);
        }

        return $figures;
    }

    /** @param  array<string, string>  $counts */
    private static function two(array $counts): Venn
    {
        return Venn::from(new Fields(['sets' => 'two', 'nameA' => 'Has a bicycle', 'nameB' => 'Walks to school'] + $counts));
    }

    /** @param  array<string, string>  $counts */
    private static function three(array $counts): Venn
    {
        return Venn::from(new Fields(
            ['sets' => 'three', 'nameA' => 'Has a bicycle', 'nameB' => 'Walks to school', 'nameC' => 'Comes by bus or tram'] + $counts,
        ));
    }
}
