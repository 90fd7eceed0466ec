<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\Rows;
use Daybright\Format\Readers\Slides\Captions;
use Daybright\Format\Readers\Slides\LeftOut;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadPiece;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\ReadTable;
use Daybright\Format\Readers\Slides\ReadText;
use Daybright\Format\Readers\Slides\TitleText;
use Daybright\Format\Readers\Slides\TypedText;
use Daybright\Scene\Box;
use DOMElement;
use DOMXPath;

/** One slide of a presentation: its title, and all else in the order in which it stands in the file, which is that of reading. */
final class PptxSlide
{
    /** Places of the layout that say nothing about the subject. */
    public const FURNITURE = ['dt', 'ftr', 'hdr', 'sldNum', 'sldImg'];

    /** Places whose paragraphs are points of a list. */
    public const BODIES = ['', 'body', 'obj'];

    private const TITLES = ['title', 'ctrTitle'];

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

    /**
     * @param  float  $width and $height of the slides, as the file has them
     * @return ReadSlide|null null where it cannot be read, or is hidden
     */
    public static function read(OfficePackage $package, string $part, float $width, float $height): ?ReadSlide
    {
        $xml = $package->xml($part);
        $root = $xml === null ? null : OfficePackage::elements($xml, '/p:sld')[0] ?? null;
        if ($xml === null || $root === null || in_array($root->getAttribute('show'), ['0', 'false'], true)) {
            return null;
        }
        $slide = new self($package, $xml, $package->relations($part), ClickOrder::read($xml));
        $scale = PageScale::ofSlide($width);
        foreach (OfficePackage::elements($xml, '/p:sld/p:cSld/p:spTree/*') as $thing) {
            $slide->take($thing, $scale);
        }

        [$title, $pieces] = TitleText::found($slide->title, Captions::joined($slide->pieces));

        return new ReadSlide(
            $title,
            $pieces,
            $slide->notes($part),
            $slide->left->told(),
            page: PptxPage::read($package, $part, $xml, $width, $height),
            drawn: $slide->left->count(LeftOut::DRAWN),
        );
    }

    private function take(DOMElement $thing, PageScale $scale): void
    {
        if (count($this->pieces) >= self::MOST_PIECES) {
            return;
        }
        match ($thing->localName) {
            'sp' => $this->takeShape($thing, $scale),
            'pic' => $this->takePicture($thing, $scale),
            'graphicFrame' => $this->takeFrame($thing),
            'grpSp' => $this->takeGroup($thing, $scale),
            'cxnSp' => $this->left->add(LeftOut::LINE),
            default => null,
        };
    }

    private function takeGroup(DOMElement $group, PageScale $scale): void
    {
        $within = $scale->ofGroup($this->xml, OfficePackage::elements($this->xml, './p:grpSpPr/a:xfrm', $group)[0] ?? null);
        foreach (OfficePackage::elements($this->xml, './*', $group) as $thing) {
            $this->take($thing, $within);
        }
    }

    /** @return Box|null where it stands; null where its layout says so */
    private function place(DOMElement $thing, PageScale $scale): ?Box
    {
        $place = OfficePackage::elements($this->xml, './p:spPr/a:xfrm', $thing)[0] ?? null;

        return $place === null ? null : $scale->box($this->xml, $place);
    }

    private function takeShape(DOMElement $shape, PageScale $scale): void
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
        $isBody = $place !== null && in_array($type, self::BODIES, true);
        $byClick = [];
        foreach ($paragraphs as $number => $paragraph) {
            $line = $this->line($paragraph, $isBody);
            if ($line !== '') {
                $byClick[$this->order->ofParagraph($id, $number)][] = $line;
            }
        }
        ksort($byClick);
        foreach ($byClick as $click => $lines) {
            $this->pieces[] = new ReadText($lines, $click, $this->place($shape, $scale));
        }
        if ($byClick === [] && $place === null) {
            $isLine = OfficePackage::text($this->xml, './p:spPr/a:prstGeom/@prst', $shape) === 'line';
            $this->left->add($isLine ? LeftOut::LINE : LeftOut::SHAPE);
        }
    }

    private function words(DOMElement $paragraph): string
    {
        return PptxParagraph::words($this->xml, $paragraph);
    }

    private function line(DOMElement $paragraph, bool $isBody): string
    {
        $words = $this->words($paragraph);

        return $words !== '' && PptxParagraph::isPoint($this->xml, $paragraph, $isBody)
            ? TypedText::point($words, PptxParagraph::level($this->xml, $paragraph))
            : $words;
    }

    private function takePicture(DOMElement $picture, PageScale $scale): void
    {
        if (OfficePackage::elements($this->xml, './p:nvPicPr/p:nvPr/*[local-name()="videoFile" or local-name()="audioFile"]', $picture) !== []) {
            $this->left->add('a film or a sound');

            return;
        }
        $fill = OfficePackage::elements($this->xml, './p:blipFill', $picture)[0] ?? null;
        $part = PptxPicture::part($this->xml, $fill, $this->relations);
        if ($part === null) {
            $this->left->add('a picture that lies elsewhere');

            return;
        }
        $id = OfficePackage::text($this->xml, './p:nvPicPr/p:cNvPr/@id', $picture);
        $description = trim(OfficePackage::text($this->xml, './p:nvPicPr/p:cNvPr/@descr', $picture));
        $crop = PptxPicture::crop($this->xml, $fill);
        $this->pieces[] = new ReadPicture(
            $part,
            mb_substr($description, 0, 1000),
            $crop,
            $this->order->ofShape($id),
            $this->place($picture, $scale),
        );
    }

    private function takeFrame(DOMElement $frame): void
    {
        $click = $this->order->ofShape(OfficePackage::text($this->xml, './p:nvGraphicFramePr/p:cNvPr/@id', $frame));
        $table = OfficePackage::elements($this->xml, './a:graphic/a:graphicData/a:tbl', $frame)[0] ?? null;
        if ($table !== null) {
            $rows = $this->rows($table);
            $hasHead = in_array(OfficePackage::text($this->xml, './a:tblPr/@firstRow', $table), ['1', 'true'], true);
            $rows === [] || $this->pieces[] = new ReadTable($rows, $hasHead, false, $click);

            return;
        }
        $chart = PptxChart::of($this->package, $this->xml, $frame, $this->relations, $click);
        if ($chart === null) {
            $isChart = OfficePackage::elements($this->xml, './a:graphic/a:graphicData/c:chart', $frame) !== [];
            $this->left->add($isChart ? 'a chart' : 'a drawing of another program');

            return;
        }
        $this->pieces[] = $chart;
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
