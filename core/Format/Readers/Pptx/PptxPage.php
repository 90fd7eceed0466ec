<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Page\Outline;
use Daybright\Format\Readers\Page\Page;
use Daybright\Format\Readers\Page\PlacedChart;
use Daybright\Format\Readers\Page\PlacedLine;
use Daybright\Format\Readers\Page\PlacedParagraph;
use Daybright\Format\Readers\Page\PlacedPicture;
use Daybright\Format\Readers\Page\PlacedShape;
use Daybright\Format\Readers\Page\PlacedTable;
use Daybright\Format\Readers\Page\PlacedText;
use Daybright\Format\Readers\Page\PlacedThing;
use Daybright\Format\Readers\Page\Turn;
use Daybright\Format\Readers\Slides\ReadChart;
use Daybright\Scene\Box;
use DOMElement;
use DOMXPath;

/** A slide of a presentation as it looked: what its master and its layout draw, and over it its own things where they stand. */
final class PptxPage
{
    private const LINES = ['line', 'straightConnector1', 'bentConnector2', 'bentConnector3', 'curvedConnector3'];

    /** Insets of a text where nothing is said, in lengths of the file (21.1.2.1.1). */
    private const INSET = ['lIns' => 91440, 'tIns' => 45720, 'rIns' => 91440, 'bIns' => 45720];

    /** Ink of a table whose style is not read. */
    private const INK = '#1F2D36';

    private const TABLE_LINE = '#8A949B';

    private const TABLE_HEAD = '#DDE3E7';

    private const MOST_THINGS = 400;

    /** @var list<PlacedThing> */
    private array $things = [];

    private function __construct(private readonly OfficePackage $package, private readonly SlideLineage $lineage)
    {
    }

    /**
     * @param  float  $width and $height of the slides, as the file has them
     */
    public static function read(OfficePackage $package, string $part, DOMXPath $xml, float $width, float $height): Page
    {
        $lineage = SlideLineage::read($package, $part, $xml);
        $page = new self($package, $lineage);
        $scale = PageScale::ofSlide($width);
        foreach (array_reverse($lineage->sheets, true) as $number => $sheet) {
            if ($number === 0 || self::isShownBelow($lineage, $number)) {
                $page->takeSheet($number, $sheet, $scale, new Box(0, 0, Page::WIDTH, Page::WIDTH * $height / $width));
            }
        }

        return new Page(Page::WIDTH * $height / $width, self::ground($lineage), $page->things);
    }

    private static function isShownBelow(SlideLineage $lineage, int $number): bool
    {
        foreach (array_slice($lineage->sheets, 0, $number) as $sheet) {
            if (in_array(OfficePackage::text($sheet['xml'], '/*/@showMasterSp'), ['0', 'false'], true)) {
                return false;
            }
        }

        return true;
    }

    private static function ground(SlideLineage $lineage): string
    {
        foreach ($lineage->sheets as $sheet) {
            $xml = $sheet['xml'];
            $said = DrawnPaint::fill($xml, OfficePackage::elements($xml, '/*/p:cSld/p:bg/p:bgPr')[0] ?? null, $lineage->colours);
            $named = $lineage->colours->of($xml, OfficePackage::elements($xml, '/*/p:cSld/p:bg/p:bgRef')[0] ?? null);
            if (($said ?: $named) !== null) {
                return $said ?: $named ?? '#FFFFFF';
            }
        }

        return '#FFFFFF';
    }

    /** @param  array{part: string, xml: DOMXPath}  $sheet */
    private function takeSheet(int $number, array $sheet, PageScale $scale, Box $whole): void
    {
        $relations = $this->package->relations($sheet['part']);
        $fill = OfficePackage::elements($sheet['xml'], '/*/p:cSld/p:bg/p:bgPr/a:blipFill')[0] ?? null;
        $ground = PptxPicture::part($sheet['xml'], $fill, $relations);
        if ($ground !== null) {
            $this->things[] = new PlacedPicture($whole, $ground, PptxPicture::crop($sheet['xml'], $fill), new Turn);
        }
        foreach (OfficePackage::elements($sheet['xml'], '/*/p:cSld/p:spTree/*') as $thing) {
            $this->take($thing, $number, $relations, $scale);
        }
    }

    /** @param  array<string, array{kind: string, part: string}>  $relations */
    private function take(DOMElement $thing, int $sheet, array $relations, PageScale $scale): void
    {
        $xml = $this->lineage->sheets[$sheet]['xml'];
        $isPlace = OfficePackage::elements($xml, './*/p:nvPr/p:ph', $thing) !== [];
        if (count($this->things) >= self::MOST_THINGS || ($sheet > 0 && $isPlace)) {
            return;
        }
        match ($thing->localName) {
            'sp', 'cxnSp' => $this->takeShape($thing, $sheet, $scale),
            'pic' => $this->takePicture($thing, $sheet, $relations, $scale),
            'graphicFrame' => $this->takeFrame($thing, $xml, $relations, $scale),
            'grpSp' => array_map(
                fn (DOMElement $each) => $this->take(
                    $each,
                    $sheet,
                    $relations,
                    $scale->ofGroup($xml, OfficePackage::elements($xml, './p:grpSpPr/a:xfrm', $thing)[0] ?? null),
                ),
                OfficePackage::elements($xml, './*[not(self::p:nvGrpSpPr)]', $thing),
            ),
            default => null,
        };
    }

    private function takeShape(DOMElement $shape, int $sheet, PageScale $scale): void
    {
        $xml = $this->lineage->sheets[$sheet]['xml'];
        $place = OfficePackage::elements($xml, './p:nvSpPr/p:nvPr/p:ph', $shape)[0] ?? null;
        $type = $place?->getAttribute('type') ?? '';
        $chain = $this->lineage->line($shape, $sheet);
        [$box, $turn] = self::place($chain, $scale);
        if ($box === null || in_array($type, PptxSlide::FURNITURE, true)) {
            return;
        }
        $paint = DrawnPaint::read($chain, $this->lineage->colours, $scale);
        $preset = OfficePackage::text($xml, './p:spPr/a:prstGeom/@prst', $shape);
        if ($shape->localName === 'cxnSp' || in_array($preset, self::LINES, true)) {
            $this->takeLine($box, $turn, $paint, $preset);

            return;
        }
        $drawn = self::drawn($xml, $shape, $box);
        $outline = Outline::ofPreset($preset);
        $text = $this->text($chain, $place !== null, $type, $scale);
        $placed = new PlacedShape($box, $outline, $paint->paint(), $turn, $text, self::room($chain, $box, $scale), $drawn);
        $placed->isEmpty() || $this->things[] = $placed;
    }

    private function takeLine(Box $box, Turn $turn, DrawnPaint $paint, string $preset): void
    {
        $x = [$box->x, $box->right()];
        $y = [$box->y, $box->bottom()];
        $x = $turn->mirrored ? array_reverse($x) : $x;
        $y = $turn->upsideDown ? array_reverse($y) : $y;
        $middle = ($x[0] + $x[1]) / 2;
        $points = str_ends_with($preset, 'Connector3')
            ? [[$x[0], $y[0]], [$middle, $y[0]], [$middle, $y[1]], [$x[1], $y[1]]]
            : ($preset === 'bentConnector2' ? [[$x[0], $y[0]], [$x[1], $y[0]], [$x[1], $y[1]]] : [[$x[0], $y[0]], [$x[1], $y[1]]]);
        $this->things[] = new PlacedLine(
            self::turned($points, $box, $turn->degrees),
            $paint->line ?? self::INK,
            $paint->width,
            $paint->dash,
            $paint->hasHeadAtStart,
            $paint->hasHeadAtEnd,
        );
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private static function turned(array $points, Box $about, float $degrees): array
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$x, $y] = [$about->middleX(), $about->middleY()];

        return $degrees === 0.0 ? $points : array_map(static fn (array $point): array => [
            $x + ($point[0] - $x) * $cos - ($point[1] - $y) * $sin,
            $y + ($point[0] - $x) * $sin + ($point[1] - $y) * $cos,
        ], $points);
    }

    /**
     * @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $chain
     * @return array{Box|null, Turn}
     */
    private static function place(array $chain, PageScale $scale): array
    {
        foreach ($chain as $each) {
            $place = OfficePackage::elements($each['xml'], './p:spPr/a:xfrm', $each['shape'])[0] ?? null;
            if ($place !== null) {
                return [$scale->box($each['xml'], $place), PageScale::turn($place)];
            }
        }

        return [null, new Turn];
    }

    /**
     * @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $chain
     */
    private static function body(array $chain, string $attribute): string
    {
        foreach ($chain as $each) {
            $value = OfficePackage::text($each['xml'], "./p:txBody/a:bodyPr/@{$attribute}", $each['shape']);
            if ($value !== '') {
                return $value;
            }
        }

        return '';
    }

    /** @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $chain */
    private static function room(array $chain, Box $box, PageScale $scale): Box
    {
        $inset = static function (string $side) use ($chain): float {
            $said = self::body($chain, $side);

            return (float) ($said === '' ? self::INSET[$side] : $said);
        };
        [$left, $top] = [$scale->across($inset('lIns')), $scale->down($inset('tIns'))];

        return new Box(
            $box->x + $left,
            $box->y + $top,
            max(1.0, $box->width - $left - $scale->across($inset('rIns'))),
            max(1.0, $box->height - $top - $scale->down($inset('bIns'))),
        );
    }

    /** @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $chain */
    private function text(array $chain, bool $isPlaced, string $type, PageScale $scale): PlacedText
    {
        ['xml' => $xml, 'shape' => $shape] = $chain[0];
        $style = LetterStyle::read($chain, $this->lineage, $type, $isPlaced);
        $isBody = $isPlaced && in_array($type, PptxSlide::BODIES, true);
        $shrunk = OfficePackage::text($xml, './p:txBody/a:bodyPr/a:normAutofit/@fontScale', $shape);
        $smaller = $shrunk === '' ? 1.0 : min(1.0, max(0.25, (int) $shrunk / 100_000));
        $paragraphs = [];
        foreach (OfficePackage::elements($xml, './p:txBody/a:p', $shape) as $paragraph) {
            $words = PptxParagraph::words($xml, $paragraph);
            if ($words !== '') {
                $paragraphs[] = new PlacedParagraph(
                    $words,
                    $scale->ofPoints($style->size($xml, $paragraph)) * $smaller,
                    $style->colour($xml, $paragraph),
                    $style->isBold($xml, $paragraph),
                    $style->align($xml, $paragraph),
                    PptxParagraph::isPoint($xml, $paragraph, $isBody),
                    PptxParagraph::level($xml, $paragraph),
                );
            }
        }
        $anchor = match (self::body($chain, 'anchor')) {
            'ctr' => 0.5,
            'b' => 1.0,
            default => 0.0,
        };

        return new PlacedText($paragraphs, $anchor, self::body($chain, 'wrap') !== 'none');
    }

    /**
     * A form of its own (20.1.9.8), its curves as straight pieces.
     *
     * @return list<list<array{float, float}>>
     */
    private static function drawn(DOMXPath $xml, DOMElement $shape, Box $box): array
    {
        $forms = [];
        foreach (OfficePackage::elements($xml, './p:spPr/a:custGeom/a:pathLst/a:path', $shape) as $path) {
            [$width, $height] = [(float) $path->getAttribute('w'), (float) $path->getAttribute('h')];
            $points = [];
            foreach ($width > 0 && $height > 0 ? OfficePackage::elements($xml, './/a:pt', $path) : [] as $point) {
                $points[] = [
                    $box->x + (float) $point->getAttribute('x') / $width * $box->width,
                    $box->y + (float) $point->getAttribute('y') / $height * $box->height,
                ];
            }
            $points === [] || $forms[] = array_slice($points, 0, 2000);
        }

        return $forms;
    }

    /** @param  array<string, array{kind: string, part: string}>  $relations */
    private function takePicture(DOMElement $picture, int $sheet, array $relations, PageScale $scale): void
    {
        $xml = $this->lineage->sheets[$sheet]['xml'];
        [$box, $turn] = self::place($this->lineage->line($picture, $sheet), $scale);
        $fill = OfficePackage::elements($xml, './p:blipFill', $picture)[0] ?? null;
        $part = PptxPicture::part($xml, $fill, $relations);
        if ($box !== null && $part !== null && $box->area() > 0) {
            $this->things[] = new PlacedPicture($box, $part, PptxPicture::crop($xml, $fill), $turn);
        }
    }

    /** @param  array<string, array{kind: string, part: string}>  $relations */
    private function takeFrame(DOMElement $frame, DOMXPath $xml, array $relations, PageScale $scale): void
    {
        $place = OfficePackage::elements($xml, './p:xfrm', $frame)[0] ?? null;
        if ($place === null) {
            return;
        }
        $box = $scale->box($xml, $place);
        $table = OfficePackage::elements($xml, './a:graphic/a:graphicData/a:tbl', $frame)[0] ?? null;
        if ($table !== null) {
            $this->things[] = $this->table($xml, $table, $box, $scale);

            return;
        }
        $chart = PptxChart::of($this->package, $xml, $frame, $relations, 0);
        if ($chart instanceof ReadChart && $box->area() > 0) {
            $this->things[] = new PlacedChart($box, $chart->figure());
        }
    }

    private function table(DOMXPath $xml, DOMElement $table, Box $box, PageScale $scale): PlacedTable
    {
        $widths = array_map(
            static fn (DOMElement $column): float => $scale->across((float) $column->getAttribute('w')),
            OfficePackage::elements($xml, './a:tblGrid/a:gridCol', $table),
        );
        $hasHead = in_array(OfficePackage::text($xml, './a:tblPr/@firstRow', $table), ['1', 'true'], true);
        $heights = $rows = [];
        foreach (OfficePackage::elements($xml, './a:tr', $table) as $number => $row) {
            $heights[] = max(1.0, $scale->down((float) $row->getAttribute('h')));
            $rows[] = array_map(
                fn (DOMElement $cell): array => $this->cell($xml, $cell, $hasHead && $number === 0, $scale),
                OfficePackage::elements($xml, './a:tc', $row),
            );
        }

        return new PlacedTable($box->x, $box->y, $widths, $heights, $rows, self::TABLE_LINE);
    }

    /** @return array{text: PlacedText, fill: string|null} */
    private function cell(DOMXPath $xml, DOMElement $cell, bool $isHead, PageScale $scale): array
    {
        $style = LetterStyle::read([['xml' => $xml, 'shape' => $cell]], $this->lineage, '', false);
        $fill = DrawnPaint::fill($xml, OfficePackage::elements($xml, './a:tcPr', $cell)[0] ?? null, $this->lineage->colours);
        $paragraphs = [];
        foreach (OfficePackage::elements($xml, './a:txBody/a:p', $cell) as $paragraph) {
            $words = PptxParagraph::words($xml, $paragraph);
            $paragraphs[] = new PlacedParagraph(
                $words === '' ? ' ' : $words,
                $scale->ofPoints($style->size($xml, $paragraph)),
                $style->colour($xml, $paragraph),
                $isHead || $style->isBold($xml, $paragraph),
                $style->align($xml, $paragraph),
            );
        }

        return ['text' => new PlacedText($paragraphs, 0.5), 'fill' => ($fill ?? ($isHead ? self::TABLE_HEAD : null)) ?: null];
    }
}
