<?php

declare(strict_types=1);

namespace Daybright\Format;

use Daybright\Recording\Cue;

/** Captions as WebVTT (W3C). */
final class WebVtt
{
    /** @param  list<Cue>  $cues */
    public static function write(array $cues): string
    {
        $blocks = array_map(
            static fn (Cue $cue): string => self::time($cue->from).' --> '.self::time($cue->to)."\n".self::escaped($cue->text)."\n",
            $cues,
        );

        return "WEBVTT\n\n".implode("\n", $blocks);
    }

    public static function time(float $milliseconds): string
    {
        $whole = (int) round($milliseconds);

        return sprintf(
            '%02d:%02d:%02d.%03d',
            intdiv($whole, 3_600_000),
            intdiv($whole, 60_000) % 60,
            intdiv($whole, 1000) % 60,
            $whole % 1000,
        );
    }

    /** In cue text “&” and “<” must be written as references, and “-->” may not stand. */
    private static function escaped(string $text): string
    {
        return str_replace(['&', '<', '>'], ['&amp;', '&lt;', '&gt;'], $text);
    }
}
