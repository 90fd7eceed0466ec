<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** The script as a synthetic voice says it, which tells when it says what. */
final readonly class ReferenceSpeech
{
    /**
     * @param  string  $sound 16 bit, mono, at MelFeatures::RATE
     * @param  list<float>  $starts seconds at which each word of the script begins
     * @param  list<array{float, string}>  $phonemes second at which each begins, and its name; none where the voice does not tell
     */
    public function __construct(public string $sound, public array $starts, public array $phonemes)
    {
    }
}
