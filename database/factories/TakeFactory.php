<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Adapters\Files;
use App\Adapters\Sound\SignalGenerator;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeSource;
use App\Recording\MeasuredSound;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A take that is being recorded, with the second step revealed in its middle.
 *
 * @extends Factory<Take>
 */
final class TakeFactory extends Factory
{
    protected $model = Take::class;

    public function definition(): array
    {
        return ['lesson_id' => Lesson::factory(), 'slide' => 'measure', 'source' => TakeSource::Practice];
    }

    /** Ready and chosen: a steady tone, which is never taken for silence. */
    public function sounding(float $seconds): static
    {
        return $this
            ->state(['events' => static fn (array $fields): array => [
                ['kind' => 'show', 'at' => 0, 'slide' => $fields['slide']],
                ['kind' => 'step', 'at' => $seconds * 500, 'step' => "{$fields['slide']}-2"],
            ]])
            ->afterCreating(static function (Take $take) use ($seconds): void {
                $sound = Files::temporary('flac');
                SignalGenerator::write(
                    "sine=frequency=440:sample_rate=48000:duration={$seconds}",
                    $sound,
                    SignalGenerator::AS_TAKES,
                );
                MeasuredSound::keep($take, $sound);
                $take->update(['cuts' => [], 'chosen' => true]);
            });
    }
}
