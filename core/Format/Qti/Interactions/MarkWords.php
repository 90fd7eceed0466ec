<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\Highlight\Highlight;
use Daybright\Question\Question;

/** hottextInteraction (QTI 2.1, section 7.2.2): words of a passage. All of the evidence and nothing else is right. */
final class MarkWords implements Interaction
{
    public static function kinds(): array
    {
        return [Highlight::name()];
    }

    public static function of(Question $question): ItemParts
    {
        $passage = $question->asked()['passage'] ?? '';
        $words = preg_split('/\s+/u', is_string($passage) ? $passage : '', -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $texts = array_map(
            static fn (string $word, int $number): string => Xml::element('hottext', ['identifier' => "word-{$number}"], Xml::text($word)),
            $words,
            array_keys($words),
        );

        return ItemParts::one(
            'multiple',
            'identifier',
            array_map(static fn (string $word): string => "word-{$word}", GivenAnswer::list((string) $question->rightAnswer())),
            Xml::element(
                'hottextInteraction',
                ['responseIdentifier' => ItemParts::RESPONSE, 'maxChoices' => 0],
                Xml::element('p', [], implode(' ', $texts)),
            ),
        );
    }
}
