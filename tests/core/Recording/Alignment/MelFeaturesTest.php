<?php

declare(strict_types=1);

namespace Tests\Core\Recording\Alignment;

use Daybright\Recording\Alignment\MelFeatures;
use Daybright\Recording\Alignment\VoiceActivity;
use PHPUnit\Framework\TestCase;

final class MelFeaturesTest extends TestCase
{
    public function test_the_energy_of_a_sine_is_half_of_its_square(): void
    {
        [$coefficients, $decibels] = (new MelFeatures)->of(self::sine(1000, 10_000, 1.0));
        // One second holds ⌊(16 000 − 400) / 320⌋ + 1 windows of 25 ms.
        self::assertCount(49, $decibels);
        self::assertCount(49 * MelFeatures::COUNT, $coefficients);
        self::assertEqualsWithDelta(10 * log10(10_000 ** 2 / 2), $decibels[20], 0.1);
    }

    public function test_the_shape_of_a_sound_is_the_same_however_loud_it_is(): void
    {
        foreach (self::shape(700, 4000) as $number => $value) {
            self::assertEqualsWithDelta($value, self::shape(700, 16_000)[$number], 0.35);
        }
        self::assertNotEqualsWithDelta(self::shape(700, 4000)[0], self::shape(3000, 4000)[0], 1.0);
    }

    public function test_speech_is_told_from_silence_and_short_gaps_belong_to_words(): void
    {
        $loud = array_fill(0, 40, 60.0);
        $quiet = array_fill(0, 40, 20.0);
        $mask = VoiceActivity::mask([...$quiet, ...$loud, ...array_fill(0, 5, 20.0), ...$loud, ...$quiet]);
        self::assertSame(str_repeat('0', 40).str_repeat('1', 85).str_repeat('0', 40), $mask);
        self::assertSame('', VoiceActivity::mask([]));
    }

    /** @return list<float> the coefficients of one window but the first, which is how loud it is */
    private static function shape(float $hertz, float $volume): array
    {
        return array_slice((new MelFeatures)->of(self::sine($hertz, $volume, 0.5))[0], MelFeatures::COUNT + 1, 12);
    }

    private static function sine(float $hertz, float $volume, float $seconds): string
    {
        $samples = [];
        for ($i = 0; $i < $seconds * MelFeatures::RATE; $i++) {
            $samples[] = (int) round($volume * sin(2 * M_PI * $hertz * $i / MelFeatures::RATE));
        }

        return pack('s*', ...$samples);
    }
}
