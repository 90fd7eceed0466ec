<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Sound\SoundCleaner;
use App\Models\Take;

/** The sound of a take that a lesson plays: as it was recorded, or with hum, hiss and clicks made less. */
final readonly class HeardSound
{
    private function __construct(public string $file, public float $loudness)
    {
    }

    /** @param  float  $loudness of what was recorded */
    public static function of(string $take, bool $isCleaned, float $loudness): self
    {
        if (! $isCleaned) {
            return new self(Files::found("takes/{$take}/sound.flac"), $loudness);
        }
        $file = Files::found(self::cleaned($take));
        $known = Take::query()->whereKey($take)->value('cleaned_loudness');
        if ($known === null) {
            $known = AudioEncoder::loudness($file);
            Take::query()->whereKey($take)->update(['cleaned_loudness' => $known]);
        }

        return new self($file, (float) $known);
    }

    /** @return string the path under which the cleaned sound is kept; made when it is first asked for */
    public static function cleaned(string $take): string
    {
        return TakeAudio::once(
            "takes/{$take}/cleaned.flac",
            static fn (): string => SoundCleaner::clean(Files::found("takes/{$take}/sound.flac")),
        );
    }
}
