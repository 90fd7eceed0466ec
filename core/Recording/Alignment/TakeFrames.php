<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** A take as it is searched through. */
final readonly class TakeFrames
{
    /**
     * @param  list<float>  $features normalised, MelFeatures::COUNT for every window
     * @param  list<float>  $decibels of every window
     * @param  string  $mask a 1 for every window with speech
     */
    private function __construct(public array $features, public array $decibels, public string $mask, public int $count)
    {
    }

    public static function of(string $sound, MelFeatures $mel): self
    {
        [$coefficients, $decibels] = $mel->of($sound);
        $mask = VoiceActivity::mask($decibels);

        return new self(Frames::normalised($coefficients, $mask), $decibels, $mask, count($decibels));
    }

    /**
     * What it costs to take a window for silence: how far it is from the mean of the quietest tenth.
     *
     * @return list<float>
     */
    public function silenceCosts(float $least): array
    {
        $sorted = $this->decibels;
        sort($sorted);
        $limit = $sorted[(int) ($this->count * 0.1)] ?? 0.0;
        $mean = array_fill(0, MelFeatures::COUNT, 0.0);
        $quiet = 0;
        for ($t = 0; $t < $this->count; $t++) {
            if ($this->decibels[$t] <= $limit) {
                $quiet++;
                for ($c = 0; $c < MelFeatures::COUNT; $c++) {
                    $mean[$c] += $this->features[$t * MelFeatures::COUNT + $c];
                }
            }
        }
        $mean = array_map(static fn (float $sum): float => $sum / max(1, $quiet), $mean);
        $costs = [];
        for ($t = 0; $t < $this->count; $t++) {
            $costs[] = $least + Frames::distance($this->features, $t, $mean, 0);
        }

        return $costs;
    }

    /** Milliseconds at which a window stands for the sound. */
    public static function milliseconds(int $frame): float
    {
        return max(0.0, ($frame * MelFeatures::HOP + MelFeatures::WINDOW / 2 - MelFeatures::HOP / 2) * 1000 / MelFeatures::RATE);
    }
}
