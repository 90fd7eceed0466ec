<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\Kinds\ScaleReading\ScaleReading;
use Daybright\Question\Question;

/** A gap for a number. */
final class TypeNumber implements Interaction
{
    public static function kinds(): array
    {
        return [NumberWithUnit::name(), ScaleReading::name()];
    }

    public static function of(Question $question): ?ItemParts
    {
        $gap = Gap::forNumber(ItemParts::RESPONSE, (string) $question->rightAnswer(), $question->tolerance() ?? '0');

        return $gap === null ? null : new ItemParts([$gap->response], Xml::element('p', [], $gap->written));
    }
}
