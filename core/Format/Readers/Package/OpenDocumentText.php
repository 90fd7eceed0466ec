<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Package;

use DOMElement;
use DOMXPath;

/** What texts and presentations of OpenDocument 1.3 have in common. */
final class OpenDocumentText
{
    private const LINKED = 'http://www.w3.org/1999/xlink';

    /** What is written, a space for each space, tabulator and break that has an element of its own. */
    public static function words(DOMElement $within): string
    {
        $words = '';
        foreach ($within->childNodes as $node) {
            if (! $node instanceof DOMElement) {
                $words .= $node->textContent;
            } elseif (in_array($node->localName, ['s', 'tab', 'line-break'], true)) {
                $words .= ' ';
            } elseif (! in_array($node->localName, ['frame', 'note', 'annotation'], true)) {
                $words .= self::words($node).($node->localName === 'p' ? ' ' : '');
            }
        }

        return $words;
    }

    /** @return string|null name of the part that a frame shows; null where it lies elsewhere */
    public static function picture(DOMXPath $xml, DOMElement $frame): ?string
    {
        $image = OfficePackage::elements($xml, './draw:image', $frame)[0] ?? null;
        $part = (string) preg_replace('#^\./#', '', (string) $image?->getAttributeNS(self::LINKED, 'href'));

        return preg_match('#^Pictures/[^/]+$#', $part) === 1 ? $part : null;
    }

    public static function description(DOMXPath $xml, DOMElement $frame): string
    {
        return OfficePackage::text($xml, './svg:desc', $frame) ?: OfficePackage::text($xml, './svg:title', $frame);
    }

    /** @return list<list<string>> */
    public static function rows(DOMXPath $xml, DOMElement $table): array
    {
        return array_map(
            static fn (DOMElement $row): array => array_map(
                self::words(...),
                OfficePackage::elements($xml, './table:table-cell', $row),
            ),
            OfficePackage::elements($xml, './table:table-header-rows/table:table-row | ./table:table-row', $table),
        );
    }
}
