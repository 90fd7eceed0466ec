<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\TextDocument;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\PackageParts;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\UnreadableText;
use DOMElement;
use DOMXPath;

/** Reads a text document (ECMA-376, part 1: WordprocessingML). */
final readonly class DocxReader
{
    private const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const WORDS = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';

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
        $part = (string) $this->package->related('', 'officeDocument');
        $xml = $part === '' ? null : $this->package->xml($part);
        if ($xml === null) {
            throw UnreadableText::damaged();
        }
        $slides = new OutlineSlides;
        $headings = $this->headings($part);
        $pictures = $this->package->relations($part);
        foreach (OfficePackage::elements($xml, '/w:document/w:body/*') as $thing) {
            if ($thing->localName === 'tbl') {
                $slides->table(self::rows($xml, $thing), self::hasHead($xml, $thing));
            } elseif ($thing->localName === 'p') {
                self::paragraph($xml, $thing, $headings, $pictures, $slides);
            }
        }

        return $slides->slides();
    }

    /**
     * @param  list<string>  $headings
     * @param  array<string, array{kind: string, part: string}>  $relations
     */
    private static function paragraph(DOMXPath $xml, DOMElement $paragraph, array $headings, array $relations, OutlineSlides $slides): void
    {
        $words = self::words($xml, $paragraph);
        $style = OfficePackage::text($xml, './w:pPr/w:pStyle/@w:val', $paragraph);
        $level = OfficePackage::text($xml, './w:pPr/w:numPr/w:ilvl/@w:val', $paragraph);
        if (in_array($style, $headings, true) || OfficePackage::elements($xml, './w:pPr/w:outlineLvl', $paragraph) !== []) {
            $words === '' || $slides->heading($words);
        } elseif ($level !== '' || str_contains(strtolower($style), 'list')) {
            $slides->point($words, (int) $level);
        } else {
            $slides->paragraph($words);
        }
        foreach (OfficePackage::elements($xml, './/a:blip', $paragraph) as $blip) {
            $part = $relations[$blip->getAttributeNS(self::RELATION, 'embed')]['part'] ?? null;
            $said = OfficePackage::text($xml, 'ancestor::*[local-name()="inline" or local-name()="anchor"]/*[local-name()="docPr"]/@descr', $blip);
            $part === null ? $slides->leaveOut('a picture that lies elsewhere') : $slides->picture($part, $said);
        }
    }

    /** @return list<string> names of the styles that are headings: those with a level in the outline, and the title (17.3.1.20) */
    private function headings(string $part): array
    {
        $styles = $this->package->related($part, 'styles');
        $xml = $styles === null ? null : $this->package->xml($styles);
        $names = ['Title'];
        for ($level = 1; $level < 10; $level++) {
            $names[] = "Heading{$level}";
        }
        $path = '/w:styles/w:style[@w:type="paragraph"][w:pPr/w:outlineLvl[@w:val < 9]]';
        foreach ($xml === null ? [] : OfficePackage::elements($xml, $path) as $style) {
            $names[] = $style->getAttributeNS(self::WORDS, 'styleId');
        }

        return array_values(array_unique($names));
    }

    /** @return list<list<string>> */
    private static function rows(DOMXPath $xml, DOMElement $table): array
    {
        return array_map(
            static fn (DOMElement $row): array => array_map(
                static fn (DOMElement $cell): string => self::words($xml, $cell),
                OfficePackage::elements($xml, './w:tc', $row),
            ),
            OfficePackage::elements($xml, './w:tr', $table),
        );
    }

    private static function hasHead(DOMXPath $xml, DOMElement $table): bool
    {
        return OfficePackage::elements($xml, './w:tr[1]/w:trPr/w:tblHeader', $table) !== []
            || OfficePackage::text($xml, './w:tblPr/w:tblLook/@w:firstRow', $table) === '1';
    }

    private static function words(DOMXPath $xml, DOMElement $within): string
    {
        $words = '';
        foreach (OfficePackage::elements($xml, './/w:t | .//w:tab | .//w:br | .//w:p', $within) as $run) {
            $words .= $run->localName === 't' ? $run->textContent : ' ';
        }

        return $words;
    }
}
