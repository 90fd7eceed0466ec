<?php

declare(strict_types=1);

namespace Daybright\Format;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Clock;
use Daybright\Recording\Tracks\Tracks;
use Daybright\Release\FrozenLesson;

/** What is said, done and asked in a shared lesson, line by line, with the times of its video. */
final class Transcript
{
    public static function write(FrozenLesson $frozen, Lesson $lesson): string
    {
        $lines = [];
        $video = $frozen->video();
        $place = static fn (float $at, bool $before = false): float => Clock::milliseconds($video->at(Clock::samples($at), $before));
        foreach ($frozen->chapters as $chapter) {
            $lines[] = [$place($chapter->at), 0, "\n".$chapter->name()];
        }
        foreach ($frozen->captions as $cue) {
            $lines[] = [$place($cue->from), 1, self::clock($place($cue->from)).'  '.str_replace("\n", ' ', $cue->text)];
        }
        foreach (Tracks::all() as $track) {
            foreach ($frozen->tracks->intervals[$track::name()] ?? [] as $interval) {
                $words = $track::words($interval, $lesson);
                $at = $place($interval->from);
                array_push($lines, ...($words === '' ? [] : [[$at, 2, self::clock($at)."  [{$words}]"]]));
            }
        }
        foreach ($frozen->pauses as $pause) {
            $at = $place($pause->at, true);
            $lines[] = [$at, 3, self::clock($at)."  Stop and try ({$pause->seconds} seconds): {$pause->prompt}"];
        }
        usort($lines, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return $lesson->title."\n".implode("\n", self::once(array_column($lines, 2)))."\n";
    }

    /**
     * Ten strokes in a row are written once.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function once(array $lines): array
    {
        $kept = [];
        $before = '';
        foreach ($lines as $line) {
            $time = str_contains($line, '  [') ? (string) strstr($line, '  [') : '';
            if ($time === '' || $time !== $before) {
                $kept[] = $line;
            }
            $before = $time;
        }

        return $kept;
    }

    private static function clock(float $milliseconds): string
    {
        $seconds = (int) floor($milliseconds / 1000);

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }
}
