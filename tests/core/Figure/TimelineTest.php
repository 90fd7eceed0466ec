<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Timeline\Spacing;
use Daybright\Figure\Timeline\Timeline;
use Daybright\Figure\Timeline\Year;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class TimelineTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /** ISO 8601 counts 1 BCE as year 0, so 44 BCE is −43 and the span to 14 CE is 57 years. */
    public function test_spans_across_the_eras_know_no_year_nought(): void
    {
        $facts = self::facts(self::of("14: Augustus dies\n44 BCE: Caesar dies"));
        self::assertSame(
            ["57\u{00A0}years", "57\u{00A0}years", '1st century BCE', '1st century'],
            [$facts['span'], $facts['gap b'], $facts['century a'], $facts['century b']],
        );
        self::assertSame("1\u{00A0}year", self::facts(self::of("1 BCE: A\n1 CE: B"))['span']);
        self::assertSame(
            ['20th century', '21st century'],
            array_slice(
                array_values(array_filter(
                    self::facts(self::of("2000: A\n2001: B")),
                    static fn (string $fact): bool => str_contains($fact, 'century'),
                )),
                0,
                2,
            ),
        );
    }

    public function test_events_with_a_length(): void
    {
        $facts = self::facts(self::of("1508–1512: A ceiling is painted\n300-250 BCE: A wall is built"));
        self::assertSame(["50\u{00A0}years", "4\u{00A0}years"], [$facts['length a'], $facts['length b']]);
    }

    public function test_years_fall_to_scale(): void
    {
        $timeline = self::of("1000: A\n1100: B\n1200: C");
        $at = static fn (int $year): float => (new Spacing($timeline))->at(Year::numbered($year, false));
        self::assertEqualsWithDelta(1 / 2, $at(1100), 1e-9);
        $broken = new Spacing(self::of("100: A\n110: B\n1300: C\n1310: D"));
        self::assertSame(1, $broken->breakAfter());
        self::assertEqualsWithDelta(
            $broken->at(Year::numbered(110, false)) - $broken->at(Year::numbered(100, false)),
            $broken->at(Year::numbered(1310, false)) - $broken->at(Year::numbered(1300, false)),
            1e-9,
            'one scale on both sides of the break',
        );
    }

    public function test_every_word_of_every_event_is_seen_even_in_the_smallest_box(): void
    {
        foreach (self::randomFigures(11) as $timeline) {
            $written = implode(
                ' ',
                array_map(
                    static fn ($shape): string => $shape->written(),
                    array_merge(...array_values(self::drawn($timeline, $timeline->smallest()))),
                ),
            );
            foreach ($timeline->events as $event) {
                foreach (explode(' ', $event->label) as $word) {
                    self::assertStringContainsString($word, $written);
                }
            }
        }
    }

    public function test_what_is_no_date_gets_a_sentence(): void
    {
        self::assertRefused(Timeline::class, ['events' => "0: Nothing\n12: Something"], 'events', 'no year 0');
        self::assertRefused(Timeline::class, ['events' => "Long ago: A\n12: B"], 'events', 'does not begin with a year');
        self::assertRefused(Timeline::class, ['events' => "1918–1914: A\n12: B"], 'events', 'ends before it begins');
        self::assertRefused(Timeline::class, ['events' => '1914: A'], 'events', 'from 2 to 8');
        self::assertRefused(Timeline::class, ['events' => "1914: A\n1914: B"], 'events', 'in one year');
    }

    /** @return non-empty-list<Timeline> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        $words = [
            'A sundial',
            'The pendulum clock',
            'A clock that keeps time at sea all year',
            'War',
            'Peace is signed',
            'The first railway timetable',
        ];
        for ($round = 0; $round < 120; $round++) {
            $lines = [];
            for ($number = mt_rand(1, 7); $number > 0; $number--) {
                $year = mt_rand(1, [2000, 60, 12000][mt_rand(0, 2)]);
                $when = match (true) {
                    mt_rand(0, 2) === 0 => "{$year} BCE",
                    mt_rand(0, 4) === 0 => $year.'–'.($year + mt_rand(1, 90)),
                    default => (string) $year,
                };
                $lines[] = $when.': '.$words[mt_rand(0, 5)];
            }
            $figures[] = self::of(implode("\n", [...array_slice($lines, 1), '13000 BCE: The ice melts', '13000: The far future']));
        }

        return $figures;
    }

    private static function of(string $events): Timeline
    {
        return Timeline::from(new Fields(['events' => $events]));
    }
}
