<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** The shape of a take's sound, for the eye and for finding silence. */
final readonly class Waveform
{
    /** Samples a second in the sound it is made from. */
    public const RATE = 8000;

    /**
     * @param  list<int>  $peaks the loudest of each 50 ms, 0 to 100
     * @param  list<float>  $loudness root mean square of each 50 ms, 0 to 1
     */
    private function __construct(public array $peaks, public array $loudness)
    {
    }

    /** @param  string  $sound signed 16-bit little-endian samples, one channel, 8000 a second */
    public static function measure(string $sound): self
    {
        $window = intdiv(self::RATE * Silence::WINDOW, 1000) * 2;
        $peaks = $loudness = [];
        for ($offset = 0; $offset < strlen($sound); $offset += $window) {
            /** @var array<int, int> $values */
            $values = unpack('v*', substr($sound, $offset, $window)) ?: [];
            $peak = 0;
            $sum = 0;
            foreach ($values as $value) {
                $value -= $value >= 32768 ? 65536 : 0;
                $peak = max($peak, abs($value));
                $sum += $value * $value;
            }
            $peaks[] = (int) round($peak * 100 / 32768);
            $loudness[] = round(sqrt($sum / max(1, count($values))) / 32768, 5);
        }

        return new self($peaks, $loudness);
    }
}
