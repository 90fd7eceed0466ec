<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** In which windows of a take somebody speaks, by their energy alone. */
final class VoiceActivity
{
    /** Milliseconds: shorter silences are within words, shorter sounds are none. */
    private const SHORTEST_SILENCE = 180;

    private const SHORTEST_SPEECH = 60;

    /**
     * @param  list<float>  $decibels of each window
     * @return string a 1 for every window with speech, a 0 for every other
     */
    public static function mask(array $decibels): string
    {
        if ($decibels === []) {
            return '';
        }
        $sorted = $decibels;
        sort($sorted);
        $count = count($sorted);
        [$floor, $top] = [$sorted[(int) ($count * 0.05)], $sorted[(int) ($count * 0.95)]];
        // The threshold follows the room, and never lies far below the voice.
        $threshold = max($floor + min(9, 0.35 * ($top - $floor)), $top - 38);
        $mask = implode('', array_map(static fn (float $each): string => $each > $threshold ? '1' : '0', $decibels));

        return self::filled(self::filled($mask, '1', self::SHORTEST_SPEECH), '0', self::SHORTEST_SILENCE);
    }

    /** Stretches of one sign that are too short become the other. */
    private static function filled(string $mask, string $sign, int $milliseconds): string
    {
        $least = max(1, (int) round($milliseconds * MelFeatures::RATE / MelFeatures::HOP / 1000));

        return (string) preg_replace_callback(
            "/{$sign}+/",
            static fn (array $run): string => strlen($run[0]) < $least ? strtr($run[0], '01', '10') : $run[0],
            $mask,
        );
    }
}
