<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\Letters\Letters;
use Daybright\Question\Kinds\Sort\Sort;
use Daybright\Question\Question;

/** matchInteraction (QTI 2.1, section 7.2.1): things to their groups, lines to their letters. */
final class PutTogether implements Interaction
{
    public static function kinds(): array
    {
        return [Sort::name(), Letters::name()];
    }

    public static function of(Question $question): ItemParts
    {
        $asked = $question->asked();
        $right = GivenAnswer::map((string) $question->rightAnswer());
        $things = Listed::texts($asked['items'] ?? $asked['lines'] ?? []);
        $letters = array_values(array_unique($right));
        sort($letters);
        $places = Listed::texts($asked['groups'] ?? []) ?: array_combine($letters, $letters);

        return ItemParts::one(
            'multiple',
            'directedPair',
            array_map(
                static fn (string $thing, string $place): string => Identifier::of($thing).' '.Identifier::of($place),
                array_keys($right),
                $right,
            ),
            Xml::element(
                'matchInteraction',
                ['responseIdentifier' => ItemParts::RESPONSE, 'shuffle' => 'false', 'maxAssociations' => count($things)],
                self::set($things, 1),
                self::set($places, count($things)),
            ),
        );
    }

    /** @param  array<string, string>  $texts by id */
    private static function set(array $texts, int $most): string
    {
        return Xml::element('simpleMatchSet', [], ...array_map(
            static fn (string $id, string $text): string => Xml::element(
                'simpleAssociableChoice',
                ['identifier' => Identifier::of($id), 'matchMax' => $most],
                Xml::text($text),
            ),
            array_keys($texts),
            $texts,
        ));
    }
}
