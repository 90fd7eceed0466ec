<?php

declare(strict_types=1);

namespace Daybright\Format;

use stdClass;

/**
 * The one gate for text from outside: what passes can be written as XML 1.0, JSON and UTF-8 without loss.
 *
 * Copied text brings signs along that nobody sees. They are taken out; bytes that are no text are refused.
 */
final class IncomingText
{
    /** Signs that stand for a new line or page in some programs, such as U+000B, become a space. */
    private const BREAKS = '/[\x{0B}\x{0C}\x{85}\x{2028}\x{2029}]/u';

    /** Control characters but tab and new line, and the code points that Unicode gives to no character. */
    private const INVISIBLE = '/['.self::CONTROLS.self::NO_CHARACTERS.']/u';

    private const CONTROLS = '\x{00}-\x{08}\x{0E}-\x{1F}\x{7F}-\x{9F}';

    private const NO_CHARACTERS = '\x{FDD0}-\x{FDEF}\x{FEFF}\x{FFFE}\x{FFFF}';

    /** @throws UnreadableText when it is not UTF-8; half of a surrogate pair is not */
    public static function clean(string $text): string
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw UnreadableText::notUtf8();
        }
        $lines = str_replace(["\r\n", "\r"], "\n", $text);

        return (string) preg_replace(self::INVISIBLE, '', (string) preg_replace(self::BREAKS, ' ', $lines));
    }

    /**
     * Every text in a decoded value, keys too; the value keeps its kind.
     *
     * @throws UnreadableText
     */
    public static function cleaned(mixed $value): mixed
    {
        return match (true) {
            is_string($value) => self::clean($value),
            is_array($value) => self::cleanedItems($value),
            $value instanceof stdClass => (object) self::cleanedItems((array) $value),
            is_float($value) && ! is_finite($value) => throw UnreadableText::boundlessNumber(),
            default => $value,
        };
    }

    /**
     * @param  array<array-key, mixed>  $items
     * @return array<array-key, mixed>
     */
    private static function cleanedItems(array $items): array
    {
        $cleaned = [];
        foreach ($items as $key => $item) {
            $cleaned[is_string($key) ? self::clean($key) : $key] = self::cleaned($item);
        }

        return $cleaned;
    }
}
