<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Slides\TypedText;
use DOMElement;
use DOMXPath;

/** A paragraph of DrawingML (ECMA-376, part 1, 21.1.2.2.6). */
final class PptxParagraph
{
    /** In one line. */
    public static function words(DOMXPath $xml, DOMElement $paragraph): string
    {
        $words = '';
        foreach (OfficePackage::elements($xml, './a:r/a:t | ./a:fld/a:t | ./a:br', $paragraph) as $run) {
            $words .= $run->localName === 'br' ? ' ' : $run->textContent;
        }

        return TypedText::plain($words);
    }

    /** The body of a slide is a list unless its paragraphs say otherwise; a box of text is none. */
    public static function isPoint(DOMXPath $xml, DOMElement $paragraph, bool $isBody): bool
    {
        $says = static fn (string $element): bool => OfficePackage::elements($xml, "./a:pPr/{$element}", $paragraph) !== [];

        return ($isBody && ! $says('a:buNone')) || $says('a:buChar') || $says('a:buAutoNum') || $says('a:buBlip');
    }

    /** From 0. */
    public static function level(DOMXPath $xml, DOMElement $paragraph): int
    {
        return min(8, max(0, (int) OfficePackage::text($xml, './a:pPr/@lvl', $paragraph)));
    }
}
