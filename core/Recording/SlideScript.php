<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Alignment\Script;
use Daybright\Recording\Editing\CorrectedWords;
use Daybright\Recording\Editing\Wording;

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
     * The words of the script as a take says them, sentence by sentence, put right as the teacher typed.
     *
     * @return list<non-empty-list<AlignedWord>>|null null where the take was not aligned with this very script, or is of another, and
     *                                                nothing is typed for it either
     */
    public static function spoken(Slide $slide, Take $take): ?array
    {
        $found = self::found($slide, $take);
        if ($found === null && $take->wordings === []) {
            return null;
        }

        return CorrectedWords::read($found ?? self::spread($slide, $take), $take->wordings);
    }

    /** @return list<non-empty-list<AlignedWord>>|null */
    private static function found(Slide $slide, Take $take): ?array
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

    /**
     * Each step's words over the time in which it is spoken, by their letters.
     *
     * @return list<non-empty-list<AlignedWord>>
     */
    private static function spread(Slide $slide, Take $take): array
    {
        $facts = SlideFacts::on($slide);
        $lines = [];
        foreach (SpokenStep::locate($slide, $take) as $step) {
            $script = PlainWords::read($slide->steps[$step->number]->script, $facts);
            $words = $step->to > $step->from
                ? CorrectedWords::laid(new Wording(new SampleRange($step->from, $step->to), $script), [])
                : [];
            if ($words !== []) {
                $lines[] = $words;
            }
        }

        return $lines;
    }
}
