<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\Kinds\ScaleReading\ScaleReading;
use Daybright\Question\Question;

/** textEntryInteraction (QTI 2.1, section 7.2.2). The unit stands behind the gap: a number alone can be compared. */
final class TypeNumber implements Interaction
{
    private const NUMBER = '/^([−-]?\d+(?:\.\d+)?)(?:\s+(.*))?$/u';

    public static function kinds(): array
    {
        return [NumberWithUnit::name(), ScaleReading::name()];
    }

    public static function of(Question $question): ?ItemParts
    {
        if (preg_match(self::NUMBER, (string) $question->rightAnswer(), $parts) !== 1) {
            return null;
        }
        $gap = Xml::element('textEntryInteraction', ['responseIdentifier' => ItemParts::RESPONSE, 'expectedLength' => 10]);

        return new ItemParts(
            'single',
            'float',
            [str_replace('−', '-', $parts[1])],
            Xml::element('p', [], $gap, Xml::text(rtrim(' '.($parts[2] ?? '')))),
            $question->tolerance() ?? '0',
        );
    }
}
