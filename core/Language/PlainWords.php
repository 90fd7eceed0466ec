<?php

declare(strict_types=1);

namespace Daybright\Language;

/** A text as it is read where nothing is set: facts filled in, without the signs of typesetting. */
final class PlainWords
{
    /** @param  array<string, string>  $facts name => as written */
    public static function read(string $text, array $facts = []): string
    {
        $filled = self::filled($text, $facts);
        $unset = (string) preg_replace(['/`([^`]+)`/u', '/\*([^*\s](?:[^*]*[^*\s])?)\*/u', '/^- /mu'], ['$1', '$1', ''], $filled);

        return trim((string) preg_replace('/[ \t\n]+/', ' ', $unset));
    }

    /**
     * “{total}” becomes the figure's own fact; a name that no figure knows is left as it was typed.
     *
     * @param  array<string, string>  $facts
     */
    public static function filled(string $text, array $facts): string
    {
        return (string) preg_replace_callback(
            '/\{([a-z][a-z .]*)\}/u',
            static fn (array $match): string => $facts[$match[1]] ?? $match[0],
            $text,
        );
    }
}
