<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Clock;
use Daybright\Recording\Silence;
use Daybright\Recording\Take;
use Daybright\Recording\Waveform;
use Daybright\Recording\WordAlignment;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class SilenceTest extends TestCase
{
    public function test_the_quiet_ends_of_a_take_are_cut_with_a_margin_kept(): void
    {
        // Two seconds of room, three of voice, one of room, at 20 windows a second.
        $loudness = [...array_fill(0, 40, 0.002), ...array_fill(0, 60, 0.1), ...array_fill(0, 20, 0.002)];
        $cuts = Silence::atTheEnds($loudness, 6 * Clock::RATE);
        self::assertSame([[0, 86400], [249600, 288000]], array_map(static fn ($cut): array => [$cut->from, $cut->to], $cuts));
    }

    public function test_the_quiet_end_is_kept_while_something_is_done_in_it(): void
    {
        $loudness = [...array_fill(0, 60, 0.1), ...array_fill(0, 60, 0.002)];
        $event = ['kind' => 'act', 'at' => 4100, 'block' => 'one', 'change' => []];
        $take = Take::recorded('take', 'slide', 6 * Clock::RATE, [$event, ['kind' => 'pause', 'at' => 5000]], []);
        // Half a second after what was done last; a pause is nothing to see.
        self::assertSame(Clock::samples(4600), $take->seen());
        $cuts = Silence::atTheEnds($loudness, 6 * Clock::RATE, $take->seen());
        self::assertSame([[Clock::samples(4600), 6 * Clock::RATE]], array_map(static fn ($cut): array => [$cut->from, $cut->to], $cuts));
    }

    public function test_a_take_of_nothing_but_noise_is_left_alone(): void
    {
        self::assertSame([], Silence::atTheEnds(array_fill(0, 100, 0.0), 5 * Clock::RATE));
        self::assertSame([], Silence::atTheEnds([], 0));
    }

    public function test_the_waveform_of_a_known_sound(): void
    {
        // A square wave of half the full scale: its peak and its root mean square are both 0.5.
        $sound = '';
        for ($sample = 0; $sample < Waveform::RATE; $sample++) {
            $sound .= pack('v', $sample % 2 === 0 ? 16384 : 65536 - 16384);
        }
        $waveform = Waveform::measure($sound);
        self::assertCount(20, $waveform->peaks);
        self::assertSame(50, $waveform->peaks[5]);
        self::assertEqualsWithDelta(0.5, $waveform->loudness[5], 0.0001);
    }

    public function test_words_are_laid_over_the_sound_and_silences_between_them(): void
    {
        $lesson = Slides::lesson([], ['one two three', 'four']);
        // A second of voice, a second of quiet, a second of voice; the second step begins at 2 s.
        $peaks = [...array_fill(0, 20, 60), ...array_fill(0, 20, 0), ...array_fill(0, 20, 60)];
        $take = Take::recorded('t', 'slide-1', 3 * Clock::RATE, [['kind' => 'step', 'at' => 2000, 'step' => 'step-2']], []);
        $words = WordAlignment::align($lesson->slides()[0], $take, $peaks);
        self::assertSame(['one', 'two', 'three', '', 'four'], array_map(static fn ($word): string => $word->text, $words));
        self::assertSame([48000, 96000], [$words[3]->from, $words[3]->to]);
        self::assertTrue($words[3]->isSilence);
        self::assertSame(96000, $words[4]->from);
    }
}
