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

    /** Hours may be left out. */
    private const TIME = '(?:(\d{2,}):)?([0-5]\d):([0-5]\d)\.(\d{3})';

    /** What may stand for a sign in cue text. */
    private const REFERENCES = ['&lt;' => '<', '&gt;' => '>', '&nbsp;' => ' ', '&lrm;' => '', '&rlm;' => '', '&amp;' => '&'];

    private const MOST_CUES = 500;

    private const LONGEST = 400;

    /**
     * The words and their times; voices, classes and places on the screen are left out.
     *
     * @return list<Cue> in the order of time
     *
     * @throws UnreadableText when it is no WebVTT, or holds no captions
     */
    public static function read(string $file): array
    {
        $text = str_replace(["\r\n", "\r"], "\n", (string) preg_replace('/^\xEF\xBB\xBF/', '', $file));
        if (! mb_check_encoding($text, 'UTF-8') || preg_match('/^WEBVTT(?=[ \t\n]|$)/', $text) !== 1) {
            throw UnreadableText::notWebVtt();
        }
        $cues = [];
        foreach (preg_split('/\n{2,}/', $text) ?: [] as $block) {
            $cue = self::cue($block);
            $cues = $cue === null ? $cues : [...$cues, $cue];
        }
        if ($cues === []) {
            throw UnreadableText::noCaptions();
        }
        if (count($cues) > self::MOST_CUES) {
            throw UnreadableText::tooManyCaptions(self::MOST_CUES);
        }
        usort($cues, static fn (Cue $one, Cue $other): int => $one->from <=> $other->from);

        return $cues;
    }

    private static function cue(string $block): ?Cue
    {
        $lines = explode("\n", trim($block, "\n"));
        foreach ($lines as $number => $line) {
            if (preg_match('/^'.self::TIME.'[ \t]+-->[ \t]+'.self::TIME.'(?:[ \t]|$)/', $line, $match) === 1) {
                $words = trim(implode("\n", array_slice($lines, $number + 1)));
                $plain = strtr((string) preg_replace('/<[^>]*>/', '', $words), self::REFERENCES);
                [$from, $to] = [self::milliseconds(array_slice($match, 1, 4)), self::milliseconds(array_slice($match, 5, 4))];

                return $plain === '' || $to <= $from ? null : new Cue($from, $to, mb_substr($plain, 0, self::LONGEST));
            }
        }

        return null;
    }

    /** @param  list<string>  $parts hours, minutes, seconds, milliseconds */
    private static function milliseconds(array $parts): float
    {
        [$hours, $minutes, $seconds, $rest] = array_map(intval(...), $parts);

        return (($hours * 60 + $minutes) * 60 + $seconds) * 1000.0 + $rest;
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
