<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use DOMElement;
use DOMXPath;

/** A slide with the layout and the master from which it takes what it does not say itself (ECMA-376, part 1, 19.3.1). */
final readonly class SlideLineage
{
    /**
     * @param  non-empty-list<array{part: string, xml: DOMXPath}>  $sheets the slide, its layout, its master; those that are missing left out
     */
    private function __construct(public array $sheets, public ThemeColours $colours)
    {
    }

    public static function read(OfficePackage $package, string $part, DOMXPath $slide): self
    {
        $sheets = [['part' => $part, 'xml' => $slide]];
        foreach (['slideLayout', 'slideMaster'] as $kind) {
            $above = $package->related($sheets[count($sheets) - 1]['part'], $kind);
            $xml = $above === null ? null : $package->xml($above);
            if ($above !== null && $xml !== null) {
                $sheets[] = ['part' => $above, 'xml' => $xml];
            }
        }
        $last = $sheets[count($sheets) - 1];
        $theme = $package->related($last['part'], 'theme');

        return new self($sheets, ThemeColours::read($theme === null ? null : $package->xml($theme), $last['xml']));
    }

    public function master(): DOMXPath
    {
        return $this->sheets[count($this->sheets) - 1]['xml'];
    }

    /**
     * A shape and those that it is a copy of, the nearest first.
     *
     * @param  int  $from number of the sheet that the shape stands on
     * @return non-empty-list<array{xml: DOMXPath, shape: DOMElement}>
     */
    public function line(DOMElement $shape, int $from): array
    {
        $line = [['xml' => $this->sheets[$from]['xml'], 'shape' => $shape]];
        $place = OfficePackage::elements($this->sheets[$from]['xml'], './*/p:nvPr/p:ph', $shape)[0] ?? null;
        if ($place === null) {
            return $line;
        }
        foreach (array_slice($this->sheets, $from + 1) as $number => $sheet) {
            $same = self::place($sheet['xml'], $place, $number > 0 || $from > 0);
            $same === null || $line[] = ['xml' => $sheet['xml'], 'shape' => $same];
        }

        return $line;
    }

    private static function place(DOMXPath $xml, DOMElement $place, bool $isMaster): ?DOMElement
    {
        $index = $place->getAttribute('idx');
        $type = $place->getAttribute('type');
        // A master has one place of each kind; layouts number theirs.
        $wanted = match (true) {
            in_array($type, ['title', 'ctrTitle'], true) => ['title', 'ctrTitle'],
            $isMaster && in_array($type, ['', 'obj', 'subTitle', 'body'], true) => ['body'],
            default => [$type],
        };
        foreach (OfficePackage::elements($xml, '/*/p:cSld/p:spTree/p:sp[p:nvSpPr/p:nvPr/p:ph]') as $shape) {
            $each = OfficePackage::elements($xml, './p:nvSpPr/p:nvPr/p:ph', $shape)[0];
            $isSame = ! $isMaster && $index !== ''
                ? $each->getAttribute('idx') === $index
                : in_array($each->getAttribute('type'), $wanted, true);
            if ($isSame) {
                return $shape;
            }
        }

        return null;
    }
}
