<?php

declare(strict_types=1);

namespace App\Formats\Captions;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Closure;
use Daybright\Format\WebVtt;

/** What is said in the newest shared version, on the clock of its video. */
final class CaptionsWriter extends SharedVersionWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'captions',
            label: 'Captions',
            about: 'WebVTT, timed for the video file',
            purpose: FilePurpose::Watch,
            mediaType: 'text/vtt',
            ending: '.vtt',
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        $file = Files::temporary('vtt');
        file_put_contents($file, WebVtt::write($release->frozen()->videoCaptions()));

        return $file;
    }
}
