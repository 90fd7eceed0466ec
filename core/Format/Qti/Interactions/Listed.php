<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Xml;

/** Things that a question asks about, as a student’s page gets them and as QTI has them. */
final class Listed
{
    /** @return array<string, string> texts by id */
    public static function texts(mixed $things): array
    {
        $texts = [];
        foreach (is_array($things) ? $things : [] as $thing) {
            if (is_array($thing) && is_string($thing['id'] ?? null) && is_string($thing['text'] ?? null)) {
                $texts[$thing['id']] = $thing['text'];
            }
        }

        return $texts;
    }

    /**
     * @param  array<string, string>  $texts by id
     * @return list<string> XML
     */
    public static function choices(array $texts): array
    {
        return array_map(
            static fn (string $id, string $text): string => Xml::element(
                'simpleChoice',
                ['identifier' => Identifier::of($id)],
                Xml::text($text),
            ),
            array_keys($texts),
            array_values($texts),
        );
    }
}
