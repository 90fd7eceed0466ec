<?php

declare(strict_types=1);

namespace App\Adapters;

use Daybright\Recording\Clock;
use Daybright\Recording\VideoStretch;
use Daybright\Release\FrozenChapter;
use Daybright\Release\FrozenLesson;

/** The chapters of a lesson as ffmpeg reads them (its metadata file, version 1). */
final class ChapterMarks
{
    /** @return string path of a temporary file: chapters on the clock of narration */
    public static function ofNarration(FrozenLesson $lesson): string
    {
        $times = array_map(static fn (FrozenChapter $chapter): array => [$chapter->at, $chapter->until], $lesson->chapters);

        return self::write($lesson, $times);
    }

    /** @return string path of a temporary file: chapters on the clock of the video */
    public static function ofVideo(FrozenLesson $lesson): string
    {
        return self::write($lesson, array_map(static fn (VideoStretch $stretch): array => [
            Clock::milliseconds($stretch->begins),
            Clock::milliseconds($stretch->begins + $stretch->length()),
        ], $lesson->video()->stretches));
    }

    /** @param  list<array{float, float}>  $times milliseconds from and to, chapter by chapter */
    private static function write(FrozenLesson $lesson, array $times): string
    {
        $escape = static fn (string $text): string => str_replace("\n", ' ', addcslashes($text, '=;#\\'));
        $lines = [';FFMETADATA1', 'title='.$escape($lesson->title)];
        foreach ($lesson->chapters as $number => $chapter) {
            array_push(
                $lines,
                '[CHAPTER]',
                'TIMEBASE=1/1000',
                'START='.(int) round($times[$number][0]),
                'END='.(int) round($times[$number][1]),
                'title='.$escape($chapter->name()),
            );
        }

        return Files::temporaryWith(implode("\n", $lines)."\n", 'txt');
    }
}
