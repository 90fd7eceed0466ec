<?php

declare(strict_types=1);

namespace App\Bench;

use App\Adapters\Files;
use App\Adapters\Sound\SignalGenerator;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeSource;
use App\Recording\MeasuredSound;
use Daybright\Lesson\Slide;

/** A take without a voice: noise as loud as one, its steps a second apart, and a hand that draws. */
final class NoiseTake
{
    /**
     * @param  float  $drawn seconds of drawing
     * @param  list<array<string, mixed>>  $done what else is done, as events
     */
    public static function record(Lesson $lesson, Slide $slide, float $seconds, float $drawn, array $done = []): Take
    {
        $sound = Files::temporary('flac');
        SignalGenerator::write(
            "anoisesrc=color=pink:amplitude=0.2:sample_rate=48000:duration={$seconds}",
            $sound,
            SignalGenerator::AS_TAKES,
        );
        $events = [];
        foreach ($slide->steps as $number => $step) {
            if ($number > 0) {
                $events[] = ['kind' => 'step', 'at' => 1000 * $number, 'step' => $step->id];
            }
        }
        for ($second = 0; $second < $drawn; $second++) {
            $points = array_map(
                static fn (int $point): array => [$point * 40, 200 + 40.0 * $point, 300 + 20.0 * $second + 30 * sin($point)],
                range(0, 24),
            );
            $events[] = [
                'kind' => 'ink',
                'at' => 8000 + 1000 * $second,
                'tool' => $second % 3 === 2 ? 'marker' : 'pen',
                'colour' => '#B3261E',
                'width' => $second % 3 === 2 ? 34 : 8,
                'points' => $points,
            ];
        }
        $take = $lesson->takes()->create(['slide' => $slide->id, 'source' => TakeSource::Practice, 'events' => [...$events, ...$done]]);
        MeasuredSound::keep($take, $sound);
        $take->update(['cuts' => [], 'chosen' => true]);

        return $take;
    }
}
