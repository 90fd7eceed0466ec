<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;

/** An answer with pieces that are JSON already: they are sent as they are, without being read and written again. */
final class RawJson
{
    /**
     * @param  array<string, mixed>  $answer
     * @param  array<string, string>  $pieces JSON by name
     */
    public static function with(array $answer, string $field, array $pieces): JsonResponse
    {
        $json = json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        $members = array_map(
            static fn (string|int $name, string $piece): string => json_encode((string) $name, JSON_THROW_ON_ERROR).':'.$piece,
            array_keys($pieces),
            $pieces,
        );

        return JsonResponse::fromJsonString(substr($json, 0, -1).',"'.$field.'":{'.implode(',', $members).'}}');
    }
}
