<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\GivenAnswer;
use Daybright\Question\Kinds\Order\Order;
use Daybright\Question\Question;

/** orderInteraction (QTI 2.1, section 7.2.1). */
final class PutInOrder implements Interaction
{
    public static function kinds(): array
    {
        return [Order::name()];
    }

    public static function of(Question $question): ItemParts
    {
        $items = Listed::texts($question->asked()['items'] ?? []);

        return ItemParts::one(
            'ordered',
            'identifier',
            array_map(Identifier::of(...), GivenAnswer::list((string) $question->rightAnswer())),
            Xml::element(
                'orderInteraction',
                ['responseIdentifier' => ItemParts::RESPONSE, 'shuffle' => 'false'],
                ...Listed::choices($items),
            ),
        );
    }
}
