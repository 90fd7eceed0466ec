<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\Kinds\Plan\Plan;
use Daybright\Question\Kinds\ShortText\ShortText;
use Daybright\Question\Kinds\Tasks\Tasks;
use Daybright\Question\Question;

/** extendedTextInteraction (QTI 2.1, section 7.2.2), which a person marks. */
final class WriteWords implements Interaction
{
    public static function kinds(): array
    {
        return [ShortText::name(), Plan::name(), Tasks::name()];
    }

    public static function of(Question $question): ItemParts
    {
        $boxes = Listed::texts($question->asked()['boxes'] ?? []);
        $written = $boxes === [] ? '' : Xml::element('p', [], Xml::text('Write about: '.implode(', ', $boxes).'.'));
        $tasks = array_map(
            static fn (string $text): string => Xml::element('li', [], Xml::text($text)),
            array_values(Listed::texts($question->asked()['tasks'] ?? [])),
        );
        $choose = $tasks === []
            ? ''
            : Xml::element('p', [], Xml::text('Choose one of these tasks, and write what came of it.')).Xml::element('ol', [], implode('', $tasks));

        return ItemParts::one('single', 'string', [], $choose.$written.Xml::element(
            'extendedTextInteraction',
            ['responseIdentifier' => ItemParts::RESPONSE, 'expectedLines' => max(3, 2 * count($boxes))],
        ));
    }
}
