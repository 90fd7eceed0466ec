<?php

declare(strict_types=1);

namespace App\Adapters;

use Closure;
use Daybright\Release\FrozenLesson;

/** The chapters of a lesson as ffmpeg reads them (its metadata file, version 1). */
final class ChapterMarks
{
    /**
     * @param  Closure(float): float  $clock milliseconds of the file at a moment of narration
     * @return string path of a temporary file
     */
    public static function write(FrozenLesson $lesson, Closure $clock): string
    {
        $escape = static fn (string $text): string => str_replace("\n", ' ', addcslashes($text, '=;#\\'));
        $lines = [';FFMETADATA1', 'title='.$escape($lesson->title)];
        foreach ($lesson->chapters as $chapter) {
            array_push(
                $lines,
                '[CHAPTER]',
                'TIMEBASE=1/1000',
                'START='.(int) round($clock($chapter->at)),
                'END='.(int) round($clock($chapter->until)),
                'title='.$escape($chapter->name()),
            );
        }
        $file = Files::temporary('txt');
        file_put_contents($file, implode("\n", $lines)."\n");

        return $file;
    }
}
