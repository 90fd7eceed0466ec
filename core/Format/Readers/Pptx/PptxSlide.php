<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\Rows;
use Daybright\Format\Readers\Slides\LeftOut;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadPiece;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\ReadTable;
use Daybright\Format\Readers\Slides\ReadText;
use Daybright\Format\Readers\Slides\TypedText;
use DOMElement;
use DOMXPath;

/** One slide of a presentation: its title, and all else in the order in which it stands in the file, which is that of reading. */
final class PptxSlide
{
    private const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    /** Places of the layout that say nothing about the subject. */
    private const FURNITURE = ['dt', 'ftr', 'hdr', 'sldNum', 'sldImg'];

    private const TITLES = ['title', 'ctrTitle'];

    /** A share of a picture is given in thousandths of a hundredth (20.1.10.41). */
    private const WHOLE = 100_000;

    /** What is seen of a picture at least, as a share of its width and height. */
    private const LEAST = 0.05;

    private const MOST_PIECES = 200;

    private string $title = '';

    /** @var list<ReadPiece> */
    private array $pieces = [];

    private readonly LeftOut $left;

    /** @param  array<string, array{kind: string, part: string}>  $relations */
    private function __construct(
        private readonly OfficePackage $package,
        private readonly DOMXPath $xml,
        private readonly array $relations,
        private readonly ClickOrder $order,
    ) {
        $this->left = new LeftOut;
    }

    /** @return ReadSlide|null null where it cannot be read, or is hidden */
    public static function read(OfficePackage $package, string $part): ?ReadSlide
    {
        $xml = $package->xml($part);
        $root = $xml === null ? null : OfficePackage::elements($xml, '/p:sld')[0] ?? null;
        if ($xml === null || $root === null || in_array($root->getAttribute('show'), ['0', 'false'], true)) {
            return null;
        }
        $slide = new self($package, $xml, $package->relations($part), ClickOrder::read($xml));
        foreach (OfficePackage::elements($xml, '/p:sld/p:cSld/p:spTree/*') as $thing) {
            $slide->take($thing);
        }

        return new ReadSlide($slide->title, $slide->pieces, $slide->notes($part), $slide->left->told());
    }

    private function take(DOMElement $thing): void
    {
        if (count($this->pieces) >= self::MOST_PIECES) {
            return;
        }
        match ($thing->localName) {
            'sp' => $this->takeShape($thing),
            'pic' => $this->takePicture($thing),
            'graphicFrame' => $this->takeFrame($thing),
            'grpSp' => array_map($this->take(...), OfficePackage::elements($this->xml, './*', $thing)),
            'cxnSp' => $this->left->add('a line'),
            default => null,
        };
    }

    private function takeShape(DOMElement $shape): void
    {
        $place = OfficePackage::elements($this->xml, './p:nvSpPr/p:nvPr/p:ph', $shape)[0] ?? null;
        $type = $place?->getAttribute('type') ?? '';
        if (in_array($type, self::FURNITURE, true)) {
            return;
        }
        $id = OfficePackage::text($this->xml, './p:nvSpPr/p:cNvPr/@id', $shape);
        $paragraphs = OfficePackage::elements($this->xml, './p:txBody/a:p', $shape);
        if (in_array($type, self::TITLES, true)) {
            $lines = array_filter(array_map($this->words(...), $paragraphs), static fn (string $line): bool => $line !== '');
            $this->title = trim((string) preg_replace('/\s+/u', ' ', $this->title.' '.implode(' ', $lines)));

            return;
        }
        // The body of a slide is a list unless its paragraphs say otherwise; a box of text is none.
        $isList = $place !== null && in_array($type, ['', 'body', 'obj'], true);
        $byClick = [];
        foreach ($paragraphs as $number => $paragraph) {
            $line = $this->line($paragraph, $isList);
            if ($line !== '') {
                $byClick[$this->order->ofParagraph($id, $number)][] = $line;
            }
        }
        ksort($byClick);
        foreach ($byClick as $click => $lines) {
            $this->pieces[] = new ReadText($lines, $click);
        }
        if ($byClick === [] && $place === null) {
            $isLine = OfficePackage::text($this->xml, './p:spPr/a:prstGeom/@prst', $shape) === 'line';
            $this->left->add($isLine ? 'a line' : 'a drawn shape');
        }
    }

    private function line(DOMElement $paragraph, bool $isList): string
    {
        $words = $this->words($paragraph);
        if ($words === '') {
            return '';
        }
        $says = fn (string $element): bool => OfficePackage::elements($this->xml, "./a:pPr/{$element}", $paragraph) !== [];
        $isPoint = ($isList && ! $says('a:buNone')) || $says('a:buChar') || $says('a:buAutoNum') || $says('a:buBlip');
        $level = (int) OfficePackage::text($this->xml, './a:pPr/@lvl', $paragraph);

        return $isPoint ? TypedText::point($words, $level) : $words;
    }

    private function words(DOMElement $paragraph): string
    {
        $words = '';
        foreach (OfficePackage::elements($this->xml, './a:r/a:t | ./a:fld/a:t | ./a:br', $paragraph) as $run) {
            $words .= $run->localName === 'br' ? ' ' : $run->textContent;
        }

        return TypedText::plain($words);
    }

    private function takePicture(DOMElement $picture): void
    {
        if (OfficePackage::elements($this->xml, './p:nvPicPr/p:nvPr/*[local-name()="videoFile" or local-name()="audioFile"]', $picture) !== []) {
            $this->left->add('a film or a sound');

            return;
        }
        $fill = OfficePackage::elements($this->xml, './p:blipFill', $picture)[0] ?? null;
        $blip = $fill === null ? null : OfficePackage::elements($this->xml, './a:blip', $fill)[0] ?? null;
        $part = $this->relations[$blip?->getAttributeNS(self::RELATION, 'embed') ?? '']['part'] ?? null;
        if ($part === null) {
            $this->left->add('a picture that lies elsewhere');

            return;
        }
        $id = OfficePackage::text($this->xml, './p:nvPicPr/p:cNvPr/@id', $picture);
        $description = trim(OfficePackage::text($this->xml, './p:nvPicPr/p:cNvPr/@descr', $picture));
        $this->pieces[] = new ReadPicture($part, mb_substr($description, 0, 1000), $this->crop($fill), $this->order->ofShape($id));
    }

    /** @return array{x: float, y: float, width: float, height: float}|null */
    private function crop(?DOMElement $fill): ?array
    {
        $rectangle = $fill === null ? null : OfficePackage::elements($this->xml, './a:srcRect', $fill)[0] ?? null;
        $edge = static fn (string $name): float => min(1.0, max(0.0, (int) $rectangle?->getAttribute($name) / self::WHOLE));
        [$x, $y] = [$edge('l'), $edge('t')];
        [$width, $height] = [1 - $x - $edge('r'), 1 - $y - $edge('b')];
        $isWhole = $width > 0.999 && $height > 0.999;

        return $isWhole || $width < self::LEAST || $height < self::LEAST ? null : [
            'x' => round($x, 4),
            'y' => round($y, 4),
            'width' => round($width, 4),
            'height' => round($height, 4),
        ];
    }

    private function takeFrame(DOMElement $frame): void
    {
        $click = $this->order->ofShape(OfficePackage::text($this->xml, './p:nvGraphicFramePr/p:cNvPr/@id', $frame));
        $table = OfficePackage::elements($this->xml, './a:graphic/a:graphicData/a:tbl', $frame)[0] ?? null;
        $chart = OfficePackage::elements($this->xml, './a:graphic/a:graphicData/c:chart', $frame)[0] ?? null;
        $rows = match (true) {
            $table !== null => $this->rows($table),
            $chart !== null => PptxChart::rows(
                $this->package,
                $this->relations[$chart->getAttributeNS(self::RELATION, 'id')]['part'] ?? '',
            ),
            default => [],
        };
        if ($rows === []) {
            $this->left->add($chart === null ? 'a drawing of another program' : 'a chart');

            return;
        }
        $hasHead = $table === null || in_array(OfficePackage::text($this->xml, './a:tblPr/@firstRow', $table), ['1', 'true'], true);
        $this->pieces[] = new ReadTable($rows, $hasHead, $chart !== null, $click);
    }

    /** @return list<non-empty-list<string>> */
    private function rows(DOMElement $table): array
    {
        $rows = array_map(
            fn (DOMElement $row): array => array_map(
                fn (DOMElement $cell): string => trim(implode(' ', array_map(
                    $this->words(...),
                    OfficePackage::elements($this->xml, './a:txBody/a:p', $cell),
                ))),
                OfficePackage::elements($this->xml, './a:tc', $row),
            ),
            OfficePackage::elements($this->xml, './a:tr', $table),
        );

        return Rows::even($rows);
    }

    /** @return list<string> */
    private function notes(string $part): array
    {
        $name = $this->package->related($part, 'notesSlide');
        $xml = $name === null ? null : $this->package->xml($name);
        if ($xml === null) {
            return [];
        }
        $body = '/p:notes/p:cSld/p:spTree//p:sp[p:nvSpPr/p:nvPr/p:ph/@type="body"]/p:txBody/a:p';
        $lines = array_map(
            static fn (DOMElement $paragraph): string => trim((string) preg_replace('/\s+/u', ' ', $paragraph->textContent)),
            OfficePackage::elements($xml, $body),
        );

        return array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
    }
}
