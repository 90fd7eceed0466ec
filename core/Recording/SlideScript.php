<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Alignment\Script;

/** The script of a slide in plain words, and where a take says them. */
final class SlideScript
{
    /** All of it, a line for every step. */
    public static function text(Slide $slide): string
    {
        $facts = SlideFacts::on($slide);

        return implode("\n", array_map(
            static fn (Step $step): string => trim((string) preg_replace('/\s+/u', ' ', PlainWords::read($step->script, $facts))),
            $slide->steps,
        ));
    }

    /**
     * The words of the script as a take says them, sentence by sentence.
     *
     * @return list<non-empty-list<AlignedWord>>|null null where the take was not aligned with this very script, or is of another
     */
    public static function spoken(Slide $slide, Take $take): ?array
    {
        $alignment = $take->alignment;
        if ($alignment === null || ! $alignment->isOfThisScript) {
            return null;
        }
        $script = Script::read(self::text($slide));
        $sentences = [];
        foreach ($script->words as $number => $word) {
            $aligned = $alignment->words[$number] ?? null;
            if ($aligned === null || $aligned->text !== $word->text) {
                return null;
            }
            $sentences[$word->sentence][] = $aligned;
        }

        return count($script->words) === count($alignment->words) ? array_values($sentences) : null;
    }
}
