<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Solid\Solid;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SolidTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_facts_of_a_filled_box(): void
    {
        // 30 × 20 × 6 cm filled to 4 cm: worked out by hand.
        $facts = self::facts(self::edges('30', '20', '6', ['fill' => '4']));
        self::assertSame("600\u{00A0}cm²", $facts['base']);
        self::assertSame("3600\u{00A0}cm³", $facts['volume']);
        self::assertSame("2400\u{00A0}cm³", $facts['filled']);
        self::assertSame("1200\u{00A0}cm³", $facts['empty']);
        self::assertSame("1800\u{00A0}cm²", $facts['surface']);
        self::assertSame("28\u{202F}800\u{00A0}cm³", $facts['double all']);
        self::assertSame('600', $facts['layer']);
    }

    public function test_every_whole_number_box_of_a_volume(): void
    {
        $facts = self::facts(Solid::from(new Fields(['mode' => 'volume', 'volume' => 24, 'unit' => 'cm', 'view' => 'box'])));
        self::assertSame(
            '4 × 3 × 2, 6 × 2 × 2, 6 × 4 × 1, 8 × 3 × 1, 12 × 2 × 1, 24 × 1 × 1',
            implode(', ', self::sorted($facts['boxes'])),
        );
        self::assertSame('6', $facts['box count']);
        $limited = self::facts(Solid::from(new Fields([
            'mode' => 'volume',
            'volume' => 24,
            'longest' => 6,
            'unit' => 'cm',
            'view' => 'box',
        ])));
        self::assertSame('3', $limited['box count']);
    }

    public function test_the_boxes_of_a_volume_are_those_of_plain_counting(): void
    {
        foreach ([1, 12, 36, 60, 96, 120] as $volume) {
            $counted = 0;
            for ($a = 1; $a <= $volume; $a++) {
                for ($b = $a; $b <= $volume; $b++) {
                    for ($c = $b; $a * $b * $c <= $volume; $c++) {
                        $counted += $a * $b * $c === $volume ? 1 : 0;
                    }
                }
            }
            $solid = Solid::from(new Fields(['mode' => 'volume', 'volume' => $volume, 'unit' => 'cm', 'view' => 'box']));
            self::assertCount($counted, $solid->boxesOfSameVolume());
        }
    }

    /** @return iterable<array{array<string, mixed>, string, string}> */
    public static function mistakes(): iterable
    {
        $box = ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm', 'view' => 'box'];
        yield [['length' => '0'] + $box, 'length', 'above zero'];
        yield [['fill' => '5'] + $box, 'fill', 'higher than the box'];
        yield [['unit' => 'kg'] + $box, 'unit', 'are lengths'];
        yield [['length' => '600', 'width' => '1'] + $box, 'length', '40 times'];
        yield [['length' => '6.5', 'view' => 'cubes'] + $box, 'view', 'whole-number edges'];
        yield [['mode' => 'volume', 'volume' => 13, 'longest' => 5] + $box, 'longest', 'Allow edges up to 13'];
        yield [['mode' => 'volume', 'volume' => 5000] + $box, 'volume', 'from 1 to 1000'];
    }

    /** @param  array<string, mixed>  $quantities */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_answered_by_a_sentence(array $quantities, string $field, string $sentence): void
    {
        try {
            Solid::from(new Fields($quantities));
            self::fail('the mistake was not found');
        } catch (InvalidQuantities $error) {
            self::assertSame($field, $error->field);
            self::assertStringContainsString($sentence, $error->getMessage());
        }
    }

    public function test_the_front_face_is_to_scale_and_the_filling_too(): void
    {
        $pieces = self::drawn(self::edges('30', '20', '10', ['fill' => '4']));
        $front = $pieces['solid'][0]->box;
        $filling = $pieces['fill'][0]->box;
        self::assertEqualsWithDelta(30 / 10, $front->width / $front->height, 0.001);
        self::assertEqualsWithDelta(0.4, $filling->height / $front->height, 0.001);
    }

    /** @return non-empty-list<Solid> */
    protected static function kinds(): array
    {
        return [
            self::edges('6', '4', '3'), self::edges('6', '4', '3', ['view' => 'cubes']), self::edges('6', '4', '3', ['view' => 'net']),
            Solid::from(new Fields(['mode' => 'volume', 'volume' => 24, 'unit' => 'cm', 'view' => 'box'])),
        ];
    }

    protected static function differentItems(int $kind): int
    {
        // The net of a cube has as many items as whole edges, and not many volumes are good to take apart.
        return [30, 30, 15, 15][$kind];
    }

    /** @return non-empty-list<Solid> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 200; $round++) {
            [$length, $width, $height] = [mt_rand(2, 40), mt_rand(2, 40), mt_rand(2, 40)];
            $figures[] = self::edges(
                (string) $length,
                (string) $width,
                (string) $height,
                mt_rand(0, 1) === 1 ? ['fill' => (string) (mt_rand(1, $height * 10) / 10)] : [],
            );
            $figures[] = self::edges(
                (string) mt_rand(1, 12),
                (string) mt_rand(1, 12),
                (string) mt_rand(1, 12),
                ['view' => ['net', 'cubes'][mt_rand(0, 1)]],
            );
        }

        return $figures;
    }

    /** @param  array<string, mixed>  $more */
    private static function edges(string $length, string $width, string $height, array $more = []): Solid
    {
        return Solid::from(new Fields($more + [
            'mode' => 'edges',
            'length' => $length,
            'width' => $width,
            'height' => $height,
            'unit' => 'cm',
            'view' => 'box',
        ]));
    }

    /** @return list<string> */
    private static function sorted(string $boxes): array
    {
        $list = explode(', ', $boxes);
        usort(
            $list,
            static fn (
                string $one,
                string $other,
            ): int => (int) $one <=> (int) $other ?: (int) explode(' × ', $one)[1] <=> (int) explode(' × ', $other)[1],
        );

        return $list;
    }
}
