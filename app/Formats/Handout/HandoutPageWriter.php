<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use Daybright\Format\PagesToPrint;
use Daybright\Handout\Paper;
use Daybright\Lesson\Lesson;

/** The same pages as the handout’s, for a screen reader and for a browser to print. */
final class HandoutPageWriter extends PrintedPagesWriter
{
    private const FONTS = [
        ['Lexend', 400, 'Lexend-Regular'],
        ['Lexend', 600, 'Lexend-SemiBold'],
        ['Andika', 400, 'Andika-Regular'],
        ['Andika', 700, 'Andika-Bold'],
    ];

    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'handout-page',
            label: 'Handout (web page)',
            about: 'The same pages for a screen reader; a browser prints them just so',
            purpose: FilePurpose::Print,
            mediaType: 'text/html',
            ending: '.html',
            choices: PrintChoice::offered(true),
        );
    }

    protected static function hasAnswers(): bool
    {
        return false;
    }

    protected function file(Lesson $lesson, array $pages, Paper $paper): string
    {
        $fonts = array_map(static fn (array $font): array => [
            'family' => $font[0],
            'weight' => $font[1],
            'woff2' => (string) file_get_contents(base_path("fonts/{$font[2]}.woff2")),
        ], self::FONTS);

        return Files::temporaryWith(PagesToPrint::html($lesson->title, $lesson->language, $paper->size, $pages, $fonts), 'html');
    }
}
