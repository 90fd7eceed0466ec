<?php

declare(strict_types=1);

namespace Tests\Outside;

use Captioning\Cue as OtherCue;
use Captioning\Format\WebvttFile;
use Daybright\Format\WebVtt;
use Daybright\Recording\Cue;
use PHPUnit\Framework\TestCase;

/** Captions against another reader and writer of WebVTT: the package captioning/captioning 2.6.3. */
final class CaptionsTest extends TestCase
{
    private const WORDS = ['shadow', 'stick', 'noon', '3', 'cm', 'Idris', 'long,', 'short.', 'über', '12:30', '—', 'north'];

    public function test_another_reader_finds_the_same_words_at_the_same_times(): void
    {
        mt_srand(12);
        for ($round = 0; $round < 40; $round++) {
            $cues = self::cues();
            $file = (new WebvttFile)->loadFromString(WebVtt::write($cues))->build();
            $found = array_map(
                static fn (OtherCue $cue): array => [(int) $cue->getStartMS(), (int) $cue->getStopMS(), trim($cue->getText())],
                array_values(iterator_to_array($file->getCues())),
            );
            self::assertSame(array_map(static fn (Cue $cue): string => $cue->text, $cues), array_column($found, 2));
            foreach ($cues as $number => $cue) {
                // It takes whole milliseconds from fractions of a second, and may lose one.
                self::assertEqualsWithDelta([$cue->from, $cue->to], [$found[$number][0], $found[$number][1]], 1.0);
            }
        }
    }

    public function test_what_another_writer_wrote_is_read(): void
    {
        mt_srand(13);
        for ($round = 0; $round < 40; $round++) {
            $cues = self::cues();
            $file = new WebvttFile;
            foreach ($cues as $cue) {
                $file->addCue($cue->text, self::time($cue->from), self::time($cue->to));
            }
            self::assertEquals($cues, WebVtt::read($file->build()->getFileContent()));
        }
    }

    private static function time(float $milliseconds): string
    {
        return gmdate('H:i:s', intdiv((int) $milliseconds, 1000)).sprintf('.%03d', $milliseconds % 1000);
    }

    /** @return list<Cue> */
    private static function cues(): array
    {
        $cues = [];
        $at = mt_rand(0, 3000);
        for ($number = mt_rand(1, 30); $number > 0; $number--) {
            $ends = $at + mt_rand(1000, 7000);
            $rows = array_map(static fn (): string => implode(' ', array_map(
                static fn (): string => self::WORDS[array_rand(self::WORDS)],
                range(1, mt_rand(1, 5)),
            )), range(1, mt_rand(1, 2)));
            $cues[] = new Cue((float) $at, (float) $ends, implode("\n", $rows));
            $at = $ends + mt_rand(0, 9) * mt_rand(0, 900);
        }

        return $cues;
    }
}
