<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;

/** The pages to print, of the lesson as it is now. */
final class HandoutWriter extends PrintedPagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'handout',
            label: 'Handout (PDF)',
            about: 'Words, tasks and practice to print, with room to write',
            purpose: FilePurpose::Print,
            mediaType: 'application/pdf',
            ending: '.pdf',
            choices: PrintChoice::offered(true),
        );
    }

    protected static function hasAnswers(): bool
    {
        return false;
    }
}
