<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\WrittenFormat;

/** The answers of the handout, for the teacher. */
final class AnswersWriter extends PrintedPagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'answers',
            label: 'Answer key (PDF)',
            about: 'The answers of the practice sets, with the slips behind wrong ones',
            mediaType: 'application/pdf',
            ending: ' answers.pdf',
        );
    }

    protected static function hasAnswers(): bool
    {
        return true;
    }
}
