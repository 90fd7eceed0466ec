<?php

declare(strict_types=1);

namespace Daybright\Question;

/** An answer made of several pieces, as the student's page sends it: JSON. */
final class GivenAnswer
{
    /**
     * @return array<string, string> id => what was chosen or written for it
     *
     * @throws InvalidAnswer
     */
    public static function map(string $given): array
    {
        $map = [];
        foreach (self::decoded($given) as $id => $value) {
            if (! is_string($value)) {
                throw InvalidAnswer::unreadable();
            }
            $map[(string) $id] = trim($value);
        }

        return $map;
    }

    /**
     * @return list<string>
     *
     * @throws InvalidAnswer
     */
    public static function list(string $given): array
    {
        return array_map(
            static fn (mixed $value): string => is_string($value) || is_int($value) ? (string) $value : throw InvalidAnswer::unreadable(),
            array_values(self::decoded($given)),
        );
    }

    /** @param  array<string|int>  $pieces what was chosen or written, by id or in order */
    public static function written(array $pieces): string
    {
        return json_encode($pieces, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<mixed> */
    private static function decoded(string $given): array
    {
        $decoded = json_decode($given, true, 4);

        return is_array($decoded) && count($decoded) <= 400 ? $decoded : throw InvalidAnswer::unreadable();
    }
}
