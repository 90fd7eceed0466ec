<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\ScaleReading\ScaleReading;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class ScaleReadingTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_a_division_the_reading_and_what_counts_as_right(): void
    {
        $facts = self::facts(self::scale('cylinder', '0', '250', 5, 4, '187.5', 'ml'));
        self::assertSame(
            ["12.5\u{00A0}ml", "187.5\u{00A0}ml", "6.25\u{00A0}ml", "181.25\u{00A0}ml", "193.75\u{00A0}ml"],
            [$facts['division'], $facts['reading'], $facts['tolerance'], $facts['least right'], $facts['most right']],
        );
    }

    public function test_the_hands_of_a_clock(): void
    {
        // At 7:35 the hour hand stands at 7 × 30° + 35 × ½° = 227.5°, the minute hand at 35 × 6° = 210° (common practice).
        $facts = self::facts(ScaleReading::from(new Fields(['instrument' => 'clock', 'time' => '7:35'])));
        self::assertSame(['227.5°', '210°', '7:35'], [$facts['hour hand'], $facts['minute hand'], $facts['reading']]);
        self::assertSame('12:05', self::facts(ScaleReading::from(new Fields(['instrument' => 'clock', 'time' => '0:05'])))['reading']);
    }

    public function test_the_words_do_not_give_the_reading_away(): void
    {
        $words = self::scale('thermometer', '-10', '40', 5, 5, '23', '°C')->words();
        self::assertStringNotContainsString('23', $words);
        self::assertStringContainsString("1.5 divisions above 20\u{00A0}°C", $words);
    }

    public function test_a_reading_that_is_not_on_the_scale_is_refused(): void
    {
        $scale = [
            'instrument' => 'ruler',
            'from' => '0',
            'to' => '10',
            'labels' => 10,
            'divisions' => 10,
            'reading' => '6.4',
            'unit' => 'cm',
        ];
        self::assertRefused(ScaleReading::class, ['reading' => '12'] + $scale, 'reading', 'not on the scale');
        self::assertRefused(ScaleReading::class, ['to' => '0'] + $scale, 'to', 'greater than its start');
        self::assertRefused(ScaleReading::class, ['divisions' => 20] + $scale, 'divisions', 'too fine');
        self::assertRefused(ScaleReading::class, ['instrument' => 'clock', 'time' => '25:10'], 'time', 'not a time');
        self::assertRefused(ScaleReading::class, ['instrument' => 'protractor', 'angle' => '190'], 'angle', 'not on the scale');
    }

    protected static function differentItems(int $kind): int
    {
        return 25;
    }

    /** @return non-empty-list<ScaleReading> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 60; $round++) {
            $from = mt_rand(-3, 2) * 10;
            $labels = mt_rand(2, 10);
            $stretch = [1, 5, 20, 100, 2500][mt_rand(0, 4)];
            foreach (['cylinder', 'ruler', 'thermometer'] as $instrument) {
                $figures[] = self::scale(
                    $instrument,
                    (string) $from,
                    (string) ($from + $labels * $stretch),
                    $labels,
                    mt_rand(1, 10),
                    (string) ($from + mt_rand(0, $labels * $stretch)),
                    ['ml', 'cm', '°C', 'kg'][mt_rand(0, 3)],
                );
            }
            $figures[] = ScaleReading::from(new Fields([
                'instrument' => 'clock',
                'time' => mt_rand(0, 23).':'.str_pad((string) mt_rand(0, 59), 2, '0', STR_PAD_LEFT),
            ]));
            $figures[] = ScaleReading::from(new Fields(['instrument' => 'protractor', 'angle' => (string) mt_rand(0, 180)]));
        }

        return $figures;
    }

    private static function scale(
        string $instrument,
        string $from,
        string $to,
        int $labels,
        int $divisions,
        string $reading,
        string $unit,
    ): ScaleReading {
        return ScaleReading::from(new Fields([
            'instrument' => $instrument,
            'from' => $from,
            'to' => $to,
            'labels' => $labels,
            'divisions' => $divisions,
            'reading' => $reading,
            'unit' => $unit,
        ]));
    }
}
