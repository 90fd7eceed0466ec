<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\WrittenFormat;

/** The pages to print, of the lesson as it is now. */
final class HandoutWriter extends PrintedPagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'handout',
            label: 'Handout (PDF)',
            about: 'The practice sets to print, with room to write',
            mediaType: 'application/pdf',
            ending: '.pdf',
        );
    }

    protected static function hasAnswers(): bool
    {
        return false;
    }
}
