<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Str;

/** The name under which a file of a lesson is taken away. */
final class FileName
{
    private const LONGEST = 80;

    /** @param  string  $extension with its dot */
    public static function forDownload(string $title, string $extension): string
    {
        $words = trim((string) preg_replace('/[^\p{L}\p{N} -]+/u', '', $title));

        return (Str::limit($words, self::LONGEST, '') ?: 'lesson').$extension;
    }
}
