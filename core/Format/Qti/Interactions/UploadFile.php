<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

use Daybright\Format\Qti\Interaction;
use Daybright\Format\Qti\ItemParts;
use Daybright\Format\Xml;
use Daybright\Question\Kinds\Drawn\Drawn;
use Daybright\Question\Kinds\Spoken\Spoken;
use Daybright\Question\Question;

/** uploadInteraction (QTI 2.1), which a person marks. */
final class UploadFile implements Interaction
{
    public static function kinds(): array
    {
        return [Spoken::name(), Drawn::name()];
    }

    public static function of(Question $question): ItemParts
    {
        return ItemParts::one('single', 'file', [], Xml::element('uploadInteraction', ['responseIdentifier' => ItemParts::RESPONSE]));
    }
}
