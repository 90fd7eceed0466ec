<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Odp;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\OpenDocumentText;
use Daybright\Format\Readers\Page\Outline;
use Daybright\Format\Readers\Page\Page;
use Daybright\Format\Readers\Page\PlacedLine;
use Daybright\Format\Readers\Page\PlacedParagraph;
use Daybright\Format\Readers\Page\PlacedPicture;
use Daybright\Format\Readers\Page\PlacedShape;
use Daybright\Format\Readers\Page\PlacedTable;
use Daybright\Format\Readers\Page\PlacedText;
use Daybright\Format\Readers\Page\PlacedThing;
use Daybright\Format\Readers\Page\Turn;
use Daybright\Format\Readers\Slides\TypedText;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use DOMElement;
use DOMXPath;

/** A slide of OpenDocument as it looked: what its master draws, and over it its own things where they stand. */
final class OdpPage
{
    private const DRAWN = ['graphic', 'presentation'];

    /** Insets of a text where nothing is said, in centimetres. */
    private const INSET = 0.15;

    /** Points of a text where nothing is said. */
    private const SIZE = 18.0;

    /** Names that shapes have here, by those that OpenDocument gives (draw:type). */
    private const PRESETS = [
        'round-rectangle' => 'roundRect',
        'isosceles-triangle' => 'triangle',
        'right-triangle' => 'rtTriangle',
        'right-arrow' => 'rightArrow',
        'left-arrow' => 'leftArrow',
        'up-arrow' => 'upArrow',
        'down-arrow' => 'downArrow',
        'left-right-arrow' => 'leftRightArrow',
        'pentagon-right' => 'homePlate',
        'chevron' => 'chevron',
        'star5' => 'star5',
        'cross' => 'plus',
    ];

    private const LINE = '#8A949B';

    private const HEAD = '#DDE3E7';

    private const MOST_THINGS = 400;

    private const DEEPEST = 8;

    /** @var list<PlacedThing> */
    private array $things = [];

    /** @param  float  $scale units of the page in a centimetre */
    private function __construct(private readonly OdpStyles $styles, private readonly float $scale)
    {
    }

    public static function read(DOMXPath $xml, DOMElement $page, OdpStyles $styles): Page
    {
        $master = OfficePackage::text($xml, './@draw:master-page-name', $page);
        [$width, $height] = $styles->pageSize($master);
        $read = new self($styles, $styles->scaleOf($xml, $page));
        $sheets = $styles->sheets();
        foreach ($sheets === null ? [] : $styles->ofMaster($master) as $thing) {
            // A place of the master shows what stands on the slide, and nothing of its own.
            if ($sheets !== null && OfficePackage::text($sheets, './@presentation:class', $thing) === '') {
                $read->take($sheets, $thing);
            }
        }
        foreach (OfficePackage::elements($xml, './*[not(self::presentation:notes)]', $page) as $thing) {
            $read->take($xml, $thing);
        }
        $own = OfficePackage::text($xml, './@draw:style-name', $page);
        $ground = $read->ground($own) ?? $read->ground($styles->styleOfMaster($master)) ?? '#FFFFFF';

        return new Page(Page::WIDTH * $height / $width, $ground, $read->things);
    }

    private function ground(string $style): ?string
    {
        $fill = $this->styles->value(['drawing-page'], $style, './style:drawing-page-properties/@draw:fill');
        $colour = $this->styles->value(['drawing-page'], $style, './style:drawing-page-properties/@draw:fill-color');

        return $fill === 'solid' ? self::colour($colour) : null;
    }

    private function take(DOMXPath $xml, DOMElement $thing, int $depth = 0): void
    {
        if (count($this->things) >= self::MOST_THINGS || $depth > self::DEEPEST) {
            return;
        }
        match ($thing->localName) {
            'frame' => $this->takeFrame($xml, $thing),
            'g' => array_map(
                fn (DOMElement $each) => $this->take($xml, $each, $depth + 1),
                OfficePackage::elements($xml, './*', $thing),
            ),
            'line', 'connector' => $this->takeLine($xml, $thing),
            'rect', 'custom-shape' => $this->takeShape($xml, $thing, self::outline($xml, $thing)),
            'ellipse', 'circle' => $this->takeShape($xml, $thing, Outline::Ellipse),
            'polygon', 'polyline' => $this->takePolygon($xml, $thing),
            default => null,
        };
    }

    private static function outline(DOMXPath $xml, DOMElement $shape): Outline
    {
        $type = OfficePackage::text($xml, './draw:enhanced-geometry/@draw:type', $shape);

        return $type === '' && OfficePackage::text($xml, './@draw:corner-radius', $shape) !== ''
            ? Outline::RoundBox
            : Outline::ofPreset(self::PRESETS[$type] ?? $type);
    }

    private function takeFrame(DOMXPath $xml, DOMElement $frame): void
    {
        $place = OfficePackage::text($xml, './@presentation:class', $frame);
        if (in_array($place, OdpSlide::FURNITURE, true)) {
            return;
        }
        $box = $this->box($xml, $frame);
        $text = OfficePackage::elements($xml, './draw:text-box', $frame)[0] ?? null;
        $table = OfficePackage::elements($xml, './table:table', $frame)[0] ?? null;
        $picture = OpenDocumentText::picture($xml, $frame);
        if ($text !== null) {
            $placed = $this->shape($xml, $frame, $text, $box, Outline::Box);
            $placed->isEmpty() || $this->things[] = $placed;
        } elseif ($table !== null) {
            $this->takeTable($xml, $table, $box);
        } elseif ($picture !== null && $box->area() > 0) {
            $this->things[] = new PlacedPicture($box, $picture, null, self::turn($xml, $frame));
        }
    }

    private function takeShape(DOMXPath $xml, DOMElement $shape, Outline $outline): void
    {
        $this->things[] = $this->shape($xml, $shape, $shape, $this->box($xml, $shape), $outline);
    }

    private function shape(DOMXPath $xml, DOMElement $shape, DOMElement $text, Box $box, Outline $outline): PlacedShape
    {
        $style = self::styleOf($xml, $shape);
        $anchor = match ($this->graphic($style, 'draw:textarea-vertical-align')) {
            'middle' => 0.5,
            'bottom' => 1.0,
            default => 0.0,
        };
        $inset = fn (string $side): float => $this->scale
            * (OdpLength::centimetres($this->graphic($style, "fo:padding-{$side}")) ?: self::INSET);
        $room = new Box(
            $box->x + $inset('left'),
            $box->y + $inset('top'),
            max(1.0, $box->width - $inset('left') - $inset('right')),
            max(1.0, $box->height - $inset('top') - $inset('bottom')),
        );
        $paragraphs = $this->paragraphs($xml, $text, $style, -1);

        return new PlacedShape($box, $outline, $this->paint($style), self::turn($xml, $shape), new PlacedText($paragraphs, $anchor), $room);
    }

    private function takeLine(DOMXPath $xml, DOMElement $line): void
    {
        $at = fn (string $name): float => OdpLength::centimetres(OfficePackage::text($xml, "./@svg:{$name}", $line)) * $this->scale;
        $style = self::styleOf($xml, $line);
        $this->things[] = new PlacedLine(
            [[$at('x1'), $at('y1')], [$at('x2'), $at('y2')]],
            self::colour($this->graphic($style, 'svg:stroke-color')) ?? Paint::INK,
            $this->width($style),
            '',
            $this->graphic($style, 'draw:marker-start') !== '',
            $this->graphic($style, 'draw:marker-end') !== '',
        );
    }

    private function takePolygon(DOMXPath $xml, DOMElement $shape): void
    {
        $box = $this->box($xml, $shape);
        $view = array_map(floatval(...), explode(' ', OfficePackage::text($xml, './@svg:viewBox', $shape)));
        if (count($view) !== 4 || $view[2] <= 0 || $view[3] <= 0) {
            return;
        }
        $points = [];
        foreach (array_slice(explode(' ', trim(OfficePackage::text($xml, './@draw:points', $shape))), 0, 2000) as $point) {
            $pair = array_map(floatval(...), explode(',', $point));
            if (count($pair) === 2) {
                $points[] = [
                    $box->x + ($pair[0] - $view[0]) / $view[2] * $box->width,
                    $box->y + ($pair[1] - $view[1]) / $view[3] * $box->height,
                ];
            }
        }
        $paint = $this->paint(self::styleOf($xml, $shape));
        if ($points !== []) {
            $this->things[] = new PlacedShape($box, Outline::Box, $paint, new Turn, new PlacedText([]), $box, [$points]);
        }
    }

    private function takeTable(DOMXPath $xml, DOMElement $table, Box $box): void
    {
        $rows = OpenDocumentText::rows($xml, $table);
        $columns = max([1, ...array_map(count(...), $rows)]);
        $high = $rows === [] ? 0.0 : max(1.0, $box->height / count($rows));
        $cells = array_map(fn (array $row, int $number): array => array_map(fn (string $words): array => [
            'text' => new PlacedText([new PlacedParagraph(
                TypedText::plain($words) ?: ' ',
                $this->points(self::SIZE),
                Paint::INK,
                $number === 0,
            )], 0.5),
            'fill' => $number === 0 ? self::HEAD : null,
        ], $row), $rows, array_keys($rows));
        $widths = array_fill(0, $columns, $box->width / $columns);
        $this->things[] = new PlacedTable($box->x, $box->y, $widths, array_fill(0, max(1, count($rows)), $high), $cells, self::LINE);
    }

    /**
     * @param  int  $level of the list that it stands in; −1 for none
     * @return list<PlacedParagraph>
     */
    private function paragraphs(DOMXPath $xml, DOMElement $within, string $style, int $level): array
    {
        $paragraphs = [];
        foreach ($level > self::DEEPEST ? [] : OfficePackage::elements($xml, './*', $within) as $thing) {
            if (in_array($thing->localName, ['p', 'h'], true)) {
                $words = TypedText::plain(OpenDocumentText::words($thing));
                $words === '' || $paragraphs[] = $this->paragraph($xml, $thing, $words, $style, $level);
            } elseif (in_array($thing->localName, ['list', 'list-item', 'list-header'], true)) {
                $deeper = $level + (int) ($thing->localName === 'list');
                array_push($paragraphs, ...$this->paragraphs($xml, $thing, $style, $deeper));
            }
        }

        return $paragraphs;
    }

    private function paragraph(DOMXPath $xml, DOMElement $paragraph, string $words, string $style, int $level): PlacedParagraph
    {
        $own = OfficePackage::text($xml, './@text:style-name', $paragraph);
        $span = OfficePackage::text($xml, './text:span/@text:style-name', $paragraph);
        $says = fn (string $path): string => $this->styles->value(['text'], $span, $path)
            ?: ($this->styles->value(['paragraph'], $own, $path) ?: $this->styles->value(self::DRAWN, $style, $path));
        $size = OdpLength::centimetres($says('./style:text-properties/@fo:font-size')) / 2.54 * 72;

        return new PlacedParagraph(
            $words,
            $this->points(min(400.0, $size ?: self::SIZE)),
            self::colour($says('./style:text-properties/@fo:color')) ?? '#000000',
            $says('./style:text-properties/@fo:font-weight') === 'bold',
            match ($says('./style:paragraph-properties/@fo:text-align')) {
                'center' => 0.5,
                'end', 'right' => 1.0,
                default => 0.0,
            },
            $level >= 0,
            max(0, $level),
        );
    }

    private function points(float $points): float
    {
        return $points / 72 * 2.54 * $this->scale;
    }

    private function paint(string $style): ?Paint
    {
        $fill = $this->graphic($style, 'draw:fill') === 'none' ? null : self::colour($this->graphic($style, 'draw:fill-color'));
        $stroke = $this->graphic($style, 'draw:stroke');
        $line = in_array($stroke, ['', 'none'], true) ? null : self::colour($this->graphic($style, 'svg:stroke-color')) ?? '#000000';

        return match (true) {
            $line !== null => Paint::outlined($line, $this->width($style), $fill ?? 'none'),
            $fill !== null => Paint::filled($fill),
            default => null,
        };
    }

    private function width(string $style): float
    {
        return max(1.5, OdpLength::centimetres($this->graphic($style, 'svg:stroke-width')) * $this->scale);
    }

    private function graphic(string $style, string $attribute): string
    {
        return $this->styles->value(self::DRAWN, $style, "./style:graphic-properties/@{$attribute}");
    }

    private static function styleOf(DOMXPath $xml, DOMElement $thing): string
    {
        return OfficePackage::text($xml, './@draw:style-name', $thing) ?: OfficePackage::text($xml, './@presentation:style-name', $thing);
    }

    private function box(DOMXPath $xml, DOMElement $thing): Box
    {
        $box = OdpLength::box($xml, $thing, $this->scale);
        // What is turned is placed by its transformation alone (19.228).
        $moved = OfficePackage::text($xml, './@draw:transform', $thing);
        if (preg_match('/translate\s*\(\s*(\S+?)[\s,]+(\S+?)\s*\)/', $moved, $match) !== 1) {
            return $box;
        }
        [$x, $y] = [OdpLength::centimetres($match[1]) * $this->scale, OdpLength::centimetres($match[2]) * $this->scale];

        return new Box($x, $y, $box->width, $box->height);
    }

    /** An angle against the clock, in radians, about the corner: here about the middle, which is right for small angles. */
    private static function turn(DOMXPath $xml, DOMElement $thing): Turn
    {
        $moved = OfficePackage::text($xml, './@draw:transform', $thing);

        return preg_match('/rotate\s*\(\s*(-?[\d.]+)\s*\)/', $moved, $match) === 1 ? new Turn(-rad2deg((float) $match[1])) : new Turn;
    }

    private static function colour(string $value): ?string
    {
        return preg_match('/^#[\dA-F]{6}$/i', $value) === 1 ? strtoupper($value) : null;
    }
}
