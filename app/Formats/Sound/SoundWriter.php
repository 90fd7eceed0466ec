<?php

declare(strict_types=1);

namespace App\Formats\Sound;

use App\Adapters\ChapterMarks;
use App\Adapters\Files;
use App\Adapters\Program;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Lessons\ReleaseMaker;
use App\Models\Release;
use Closure;

/** What is said in the newest shared version, to listen to on the way: without the waits at pause points. */
final class SoundWriter extends SharedVersionWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'm4a',
            label: 'Sound alone',
            about: 'M4A with chapters, without the waits at pause points',
            purpose: FilePurpose::Watch,
            mediaType: 'audio/mp4',
            ending: '.m4a',
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        $target = Files::temporary('m4a');
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-i', ReleaseMaker::whole($release),
            '-f', 'ffmetadata', '-i', ChapterMarks::ofNarration($release->frozen()),
            '-map', '0:a', '-map_metadata', '1', '-map_chapters', '1', '-c', 'copy', '-movflags', '+faststart', $target,
        ]);

        return $target;
    }
}
