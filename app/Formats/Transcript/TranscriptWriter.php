<?php

declare(strict_types=1);

namespace App\Formats\Transcript;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Closure;
use Daybright\Format\Transcript;

/** What is said and asked in the newest shared version, as plain text with times. */
final class TranscriptWriter extends SharedVersionWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'transcript',
            label: 'Transcript',
            about: 'What is said and asked, as plain text with the times of the video',
            purpose: FilePurpose::Watch,
            mediaType: 'text/plain; charset=utf-8',
            ending: '.txt',
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        $file = Files::temporary('txt');
        file_put_contents($file, Transcript::write($release->frozen(), $release->read()));

        return $file;
    }
}
