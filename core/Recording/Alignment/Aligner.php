<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** Finds the words of a script in a take, with a synthetic voice as the measure that is brought nearer to the teacher's in between. */
final class Aligner
{
    private const PASSES = 3;

    /** @param  string  $take 16 bit, mono, at MelFeatures::RATE */
    public static function align(string $take, Script $script, ReferenceSpeech $voice): ScriptAlignment
    {
        $mel = new MelFeatures;
        $frames = TakeFrames::of($take, $mel);
        if ($script->words === [] || $frames->count === 0) {
            return new ScriptAlignment([], [], false);
        }
        $reference = ReferenceFrames::of($voice, $script, $mel);
        $costs = new SearchCosts;
        // What departs from the script is looked for when the voice is known.
        $path = Search::for($frames, $reference, $script, $costs->withoutDepartures());
        $isOfThisScript = true;
        for ($pass = 1; $pass < self::PASSES; $pass++) {
            $reference = Adaptation::of($frames, $reference, $path);
            $found = Calibration::of($frames, $reference, $script, $path, $costs);
            $isOfThisScript = $isOfThisScript && $found->isThisScript();
            $costs = $costs->calibrated($found);
            $path = Search::for($frames, $reference, $script, $costs);
        }
        $doubted = Repetition::doubted($frames, $reference, $path, $costs);
        if ($doubted !== []) {
            $path = Search::for($frames, $reference, $script, $costs, $doubted);
        }

        return (new PathReading($frames, $reference, $script, $path, $costs))->read($isOfThisScript);
    }
}
