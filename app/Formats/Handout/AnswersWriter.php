<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;

/** The answers of the handout, for the teacher. */
final class AnswersWriter extends PrintedPagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'answers',
            label: 'Answer key (PDF)',
            about: 'The answers of tasks and practice, with the slips behind wrong ones',
            purpose: FilePurpose::Print,
            mediaType: 'application/pdf',
            ending: ' answers.pdf',
            choices: PrintChoice::offered(false),
        );
    }

    protected static function hasAnswers(): bool
    {
        return true;
    }
}
