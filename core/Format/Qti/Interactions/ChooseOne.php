<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\Choice\Choice;
use Daybright\Question\Kinds\Truth\Truth;
use Daybright\Question\Question;

/** choiceInteraction (QTI 2.1, section 7.2.1). Of a claim only the verdict: no counterexample can be marked. */
final class ChooseOne implements Interaction
{
    public static function kinds(): array
    {
        return [Choice::name(), Truth::name()];
    }

    public static function of(Question $question): ItemParts
    {
        $isClaim = $question->type() === Truth::name();
        $choices = $isClaim ? ['true' => 'True', 'false' => 'False'] : self::choices($question);
        $right = $isClaim
            ? [GivenAnswer::map((string) $question->rightAnswer())['verdict'] ?? 'false']
            : array_map(static fn (int $number): string => array_keys($choices)[$number], array_slice($question->rightChoices(), 0, 1));

        return ItemParts::one('single', 'identifier', array_map(Identifier::of(...), $right), Xml::element(
            'choiceInteraction',
            ['responseIdentifier' => ItemParts::RESPONSE, 'shuffle' => 'false', 'maxChoices' => 1],
            ...Listed::choices($choices),
        ));
    }

    /** @return array<string, string> texts by id */
    private static function choices(Question $question): array
    {
        return Listed::texts($question->asked()['choices'] ?? []);
    }
}
