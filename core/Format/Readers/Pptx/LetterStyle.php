<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use DOMElement;
use DOMXPath;

/** How the paragraphs of a shape are set: what each says, then its shape and those above it, then the styles of the master. */
final readonly class LetterStyle
{
    /** Hundredths of a point where nothing is said (21.1.2.3.2). */
    private const SIZE = 1800;

    /**
     * @param  list<array{xml: DOMXPath, styles: DOMElement}>  $lists holders of lvl1pPr and so on, the nearest first
     * @param  string  $ink colour where nothing is said
     */
    private function __construct(private array $lists, private ThemeColours $colours, private string $ink)
    {
    }

    /** @param  non-empty-list<array{xml: DOMXPath, shape: DOMElement}>  $line */
    public static function read(array $line, SlideLineage $lineage, string $place, bool $isPlaced): self
    {
        $lists = [];
        foreach ($line as $each) {
            $own = OfficePackage::elements($each['xml'], './p:txBody/a:lstStyle', $each['shape'])[0] ?? null;
            $own === null || $lists[] = ['xml' => $each['xml'], 'styles' => $own];
        }
        $style = match (true) {
            in_array($place, ['title', 'ctrTitle'], true) => 'titleStyle',
            $isPlaced => 'bodyStyle',
            default => 'otherStyle',
        };
        $master = $lineage->master();
        $general = OfficePackage::elements($master, "/p:sldMaster/p:txStyles/p:{$style}")[0] ?? null;
        $general === null || $lists[] = ['xml' => $master, 'styles' => $general];
        $shape = $line[0];
        $font = OfficePackage::elements($shape['xml'], './p:style/a:fontRef', $shape['shape'])[0] ?? null;

        return new self($lists, $lineage->colours, $lineage->colours->of($shape['xml'], $font) ?? '#000000');
    }

    /** In points. */
    public function size(DOMXPath $xml, DOMElement $paragraph): float
    {
        $size = (int) $this->attribute($xml, $paragraph, 'sz', './a:defRPr/@sz');

        return min(400.0, max(4.0, ($size ?: self::SIZE) / 100));
    }

    public function isBold(DOMXPath $xml, DOMElement $paragraph): bool
    {
        return in_array($this->attribute($xml, $paragraph, 'b', './a:defRPr/@b'), ['1', 'true'], true);
    }

    /** 0 left, 0.5 middle, 1 right. */
    public function align(DOMXPath $xml, DOMElement $paragraph): float
    {
        $align = OfficePackage::text($xml, './a:pPr/@algn', $paragraph);

        return match ($align ?: $this->listed($xml, $paragraph, './@algn')) {
            'ctr' => 0.5,
            'r' => 1.0,
            default => 0.0,
        };
    }

    public function colour(DOMXPath $xml, DOMElement $paragraph): string
    {
        $own = $this->colours->of($xml, OfficePackage::elements($xml, './a:r/a:rPr/a:solidFill', $paragraph)[0] ?? null);
        if ($own !== null) {
            return $own;
        }
        foreach ($this->levels($xml, $paragraph) as [$list, $level]) {
            $colour = $this->colours->of($list, OfficePackage::elements($list, './a:defRPr/a:solidFill', $level)[0] ?? null);
            if ($colour !== null) {
                return $colour;
            }
        }

        return $this->ink;
    }

    private function attribute(DOMXPath $xml, DOMElement $paragraph, string $name, string $listed): string
    {
        return OfficePackage::text($xml, "./a:r/a:rPr/@{$name}", $paragraph) ?: $this->listed($xml, $paragraph, $listed);
    }

    private function listed(DOMXPath $xml, DOMElement $paragraph, string $path): string
    {
        foreach ($this->levels($xml, $paragraph) as [$list, $level]) {
            $value = OfficePackage::text($list, $path, $level);
            if ($value !== '') {
                return $value;
            }
        }

        return '';
    }

    /** @return list<array{DOMXPath, DOMElement}> the styles of a paragraph's level, the nearest first */
    private function levels(DOMXPath $xml, DOMElement $paragraph): array
    {
        $number = 1 + min(8, max(0, (int) OfficePackage::text($xml, './a:pPr/@lvl', $paragraph)));
        $levels = [];
        foreach ($this->lists as $list) {
            $level = OfficePackage::elements($list['xml'], "./a:lvl{$number}pPr", $list['styles'])[0] ?? null;
            $level === null || $levels[] = [$list['xml'], $level];
        }

        return $levels;
    }
}
