<?php

declare(strict_types=1);

namespace Daybright\Language;

/** The words of a text, without the quotation marks and other signs around them. */
final class Words
{
    /** @return list<string> in the order in which they stand; “well-known” is one, “o’clock” too */
    public static function split(string $text): array
    {
        preg_match_all("/\p{L}(?:[\p{L}\p{M}'’-]*[\p{L}\p{M}])?/u", $text, $found);

        return $found[0];
    }
}
