<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\TextDocument;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\OpenDocumentText;
use Daybright\Format\Readers\Package\PackageParts;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\UnreadableText;
use DOMElement;
use DOMXPath;

/** Reads a text document (OpenDocument 1.3, part 3: sections 5 and 9). */
final readonly class OdtReader
{
    private OfficePackage $package;

    public function __construct(PackageParts $parts)
    {
        $this->package = new OfficePackage($parts);
    }

    /**
     * @return non-empty-list<ReadSlide>
     *
     * @throws UnreadableText
     */
    public function slides(): array
    {
        $xml = $this->package->xml('content.xml') ?? throw UnreadableText::damaged();
        $slides = new OutlineSlides;
        foreach (OfficePackage::elements($xml, '/office:document-content/office:body/office:text/*') as $thing) {
            self::take($xml, $thing, $slides, -1);
        }

        return $slides->slides();
    }

    /** @param  int  $level of the list that it stands in; −1 for none */
    private static function take(DOMXPath $xml, DOMElement $thing, OutlineSlides $slides, int $level): void
    {
        match ($thing->localName) {
            'h' => $slides->heading(OpenDocumentText::words($thing)),
            'p' => self::paragraph($xml, $thing, $slides, $level),
            'list' => self::within($xml, $thing, $slides, $level + 1),
            'list-item', 'list-header', 'section' => self::within($xml, $thing, $slides, $level),
            'table' => self::table($xml, $thing, $slides),
            default => null,
        };
    }

    private static function within(DOMXPath $xml, DOMElement $thing, OutlineSlides $slides, int $level): void
    {
        foreach ($level > 20 ? [] : OfficePackage::elements($xml, './*', $thing) as $inner) {
            self::take($xml, $inner, $slides, $level);
        }
    }

    private static function paragraph(DOMXPath $xml, DOMElement $paragraph, OutlineSlides $slides, int $level): void
    {
        $style = $paragraph->getAttributeNS('urn:oasis:names:tc:opendocument:xmlns:text:1.0', 'style-name');
        if ($style === 'Title') {
            $slides->heading(OpenDocumentText::words($paragraph));
        } elseif ($level < 0) {
            $slides->paragraph(OpenDocumentText::words($paragraph));
        } else {
            $slides->point(OpenDocumentText::words($paragraph), $level);
        }
        foreach (OfficePackage::elements($xml, './/draw:frame[draw:image]', $paragraph) as $frame) {
            $part = OpenDocumentText::picture($xml, $frame);
            $part === null
                ? $slides->leaveOut('a picture that lies elsewhere')
                : $slides->picture($part, OpenDocumentText::description($xml, $frame));
        }
    }

    private static function table(DOMXPath $xml, DOMElement $table, OutlineSlides $slides): void
    {
        $slides->table(OpenDocumentText::rows($xml, $table), OfficePackage::elements($xml, './table:table-header-rows', $table) !== []);
    }
}
