<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** Text of another format as it is typed here. */
final class TypedText
{
    /** One line: signs that set type here are letters there. */
    public static function plain(string $text): string
    {
        return trim(str_replace(['`', '*'], ['’', '∗'], (string) preg_replace('/\s+/u', ' ', $text)));
    }

    /** @param  int  $level of the list that the entry stands in, from 0 */
    public static function point(string $line, int $level): string
    {
        return '- '.str_repeat('– ', max(0, min(8, $level))).$line;
    }
}
