<?php

declare(strict_types=1);

namespace Daybright\Format;

use JsonException;

/** Decodes JSON from outside, its text cleaned. Objects stay objects and lists stay lists. */
final class IncomingJson
{
    public const DEEPEST = 64;

    /** @throws UnreadableText when it is not JSON, is nested too deeply, or holds half of a surrogate pair */
    public static function decode(string $json): mixed
    {
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
        } catch (JsonException) {
            throw UnreadableText::notJson();
        }

        return IncomingText::cleaned($value);
    }

    /** As nested arrays, for what only reads: an empty object cannot be distinguished from an empty list then. */
    public static function arrays(mixed $decoded): mixed
    {
        return json_decode(
            json_encode($decoded, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            true,
            self::DEEPEST + 1,
            JSON_THROW_ON_ERROR,
        );
    }
}
