<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\BarModel\BarModel;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BarModelTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_every_amount_follows_from_any_known_one(): void
    {
        // 2 of 5 parts shaded, one part 9: worked out by hand.
        $expected = [
            'part' => "9\u{00A0}cm",
            'shaded' => "18\u{00A0}cm",
            'rest' => "27\u{00A0}cm",
            'whole' => "45\u{00A0}cm",
            'fraction' => '2/5',
            'percent' => '40%',
        ];
        foreach (['whole' => '45', 'shaded' => '18', 'unshaded' => '27', 'part' => '9'] as $known => $amount) {
            self::assertSame($expected, self::facts(self::parts(5, 2, $known, $amount)), $known);
        }
    }

    public function test_amounts_that_do_not_divide_stay_exact(): void
    {
        $facts = self::facts(self::parts(3, 2, 'whole', '10'));
        self::assertSame("10/3\u{00A0}cm", $facts['part']);
        self::assertSame("20/3\u{00A0}cm", $facts['shaded']);
        self::assertSame("≈\u{00A0}66.7%", $facts['percent']);
    }

    public function test_two_bars_by_difference_and_by_ratio(): void
    {
        $by = static fn (array $more): BarModel => BarModel::from(new Fields([
            'mode' => 'compare',
            'firstName' => 'Mina',
            'secondName' => 'Tom',
            'unit' => '£',
            ...$more,
        ]));
        $difference = self::facts($by(['by' => 'difference', 'difference' => '8', 'known' => 'total', 'amount' => '50']));
        self::assertSame(
            ['£29', '£21', '£8', '£50'],
            [$difference['first'], $difference['second'], $difference['difference'], $difference['total']],
        );
        $ratio = self::facts($by(['by' => 'ratio', 'ratioFirst' => 3, 'ratioSecond' => 2, 'known' => 'difference', 'amount' => '7']));
        self::assertSame(
            ['£21', '£14', '£7', '£35', '3 : 2', '£7'],
            [$ratio['first'], $ratio['second'], $ratio['part'], $ratio['total'], $ratio['ratio'], $ratio['difference']],
        );
    }

    /** @return iterable<array{array<string, mixed>, string, string}> quantities, field, part of the sentence */
    public static function mistakes(): iterable
    {
        $parts = ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '45', 'unit' => 'cm'];
        yield [['parts' => 0] + $parts, 'parts', 'from 1 to 24'];
        yield [['shaded' => 6] + $parts, 'shaded', 'from 0 to 5'];
        yield [['amount' => 'many'] + $parts, 'amount', 'above zero'];
        yield [['amount' => '-3'] + $parts, 'amount', 'above zero'];
        yield [['amount' => '3 kg'] + $parts, 'amount', 'in cm'];
        yield [['shaded' => 0, 'known' => 'shaded'] + $parts, 'known', 'No part is shaded'];
        $compare = ['mode' => 'compare', 'by' => 'difference', 'difference' => '60', 'known' => 'total', 'amount' => '50', 'unit' => 'cm'];
        yield [$compare, 'difference', 'smaller than'];
        yield [['by' => 'ratio', 'ratioFirst' => 2, 'ratioSecond' => 3] + $compare, 'ratioFirst', 'larger number'];
        yield [['by' => 'ratio', 'ratioFirst' => 3, 'ratioSecond' => 3, 'known' => 'difference'] + $compare, 'known', 'no difference'];
    }

    /** @param  array<string, mixed>  $quantities */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_answered_by_a_sentence(array $quantities, string $field, string $sentence): void
    {
        try {
            BarModel::from(new Fields($quantities));
            self::fail('the mistake was not found');
        } catch (InvalidQuantities $error) {
            self::assertSame($field, $error->field);
            self::assertStringContainsString($sentence, $error->getMessage());
        }
    }

    public function test_the_bar_and_the_fraction_side_by_side_agree(): void
    {
        foreach ([
            'whole' => ['2/5 of 45 cm', '45 cm ÷ 5 = 9 cm', '2 × 9 cm = 18 cm'],
            'shaded' => ['2/5 of it is 45 cm', '45 cm ÷ 2 = 22.5 cm', '5 × 22.5 cm = 112.5 cm'],
            'unshaded' => ['3/5 of it is 45 cm', '45 cm ÷ 3 = 15 cm', '5 × 15 cm = 75 cm'],
            'part' => ['1/5 of it is 45 cm', '5 × 45 cm = 225 cm'],
        ] as $known => $lines) {
            $figure = BarModel::from(new Fields([
                'mode' => 'parts',
                'parts' => 5,
                'shaded' => 2,
                'known' => $known,
                'amount' => '45',
                'unit' => 'cm',
                'beside' => 'fraction',
            ]));
            $written = str_replace(
                "\u{00A0}",
                ' ',
                implode(
                    ' | ',
                    array_map(
                        static fn ($shape): string => $shape->written(),
                        array_merge(...array_values(self::drawn($figure, $figure->smallest()))),
                    ),
                ),
            );
            foreach ($lines as $line) {
                self::assertStringContainsString($line, $written);
            }
        }
    }

    public function test_the_bar_is_drawn_to_scale(): void
    {
        $pieces = self::drawn(self::parts(8, 3, 'whole', '16'));
        $cells = array_values(array_filter($pieces['bar'], static fn ($shape): bool => $shape->element === 'rect'));
        self::assertCount(8, $cells);
        self::assertEqualsWithDelta($cells[0]->box->width * 8, $cells[7]->box->right() - $cells[0]->box->x, 0.01);
    }

    /** @return non-empty-list<BarModel> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 150; $round++) {
            $parts = mt_rand(1, 24);
            $figures[] = BarModel::from(new Fields([
                'mode' => 'parts',
                'parts' => $parts,
                'shaded' => mt_rand(0, $parts),
                'known' => 'whole',
                'amount' => (string) (mt_rand(1, 99999) / 10),
                'unit' => 'cm',
                'beside' => ['nothing', 'fraction'][$round % 2],
            ]));
            $second = mt_rand(1, 9);
            $figures[] = BarModel::from(new Fields([
                'mode' => 'compare',
                'by' => 'ratio',
                'firstName' => 'Elephants',
                'secondName' => 'Mice',
                'ratioFirst' => $second + mt_rand(0, 3),
                'ratioSecond' => $second,
                'known' => 'total',
                'amount' => (string) mt_rand(1, 5000),
                'unit' => 'kg',
            ]));
        }

        return $figures;
    }

    private static function parts(int $parts, int $shaded, string $known, string $amount): BarModel
    {
        return BarModel::from(new Fields([
            'mode' => 'parts',
            'parts' => $parts,
            'shaded' => $shaded,
            'known' => $known,
            'amount' => $amount,
            'unit' => 'cm',
        ]));
    }
}
