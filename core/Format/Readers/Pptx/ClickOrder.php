<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use DOMElement;
use DOMXPath;

/** What appears at which click (ECMA-376, part 1, 19.5): the main sequence holds a group a click, and each names what it brings. */
final readonly class ClickOrder
{
    /** @param  array<string, array<int, int>>  $clicks by id of the shape: click by number of the paragraph, −1 for all of it */
    private function __construct(private array $clicks)
    {
    }

    public static function read(DOMXPath $slide): self
    {
        $clicks = [];
        $groups = OfficePackage::elements($slide, '/p:sld/p:timing//p:cTn[@nodeType="mainSeq"]/p:childTnLst/p:par');
        $click = 0;
        foreach ($groups as $group) {
            $brought = OfficePackage::elements($slide, './/p:cTn[@presetClass="entr"]//p:spTgt', $group);
            $click += $brought === [] ? 0 : 1;
            foreach ($brought as $target) {
                foreach (self::paragraphs($slide, $target) as $paragraph) {
                    $clicks[$target->getAttribute('spid')][$paragraph] ??= $click;
                }
            }
        }

        return new self($clicks);
    }

    /** @return int click that brings a shape; 0 where it is there from the beginning */
    public function ofShape(string $id): int
    {
        return $this->clicks[$id][-1] ?? 0;
    }

    /** @param  int  $number of a paragraph, from 0 */
    public function ofParagraph(string $id, int $number): int
    {
        return $this->clicks[$id][$number] ?? $this->ofShape($id);
    }

    /** @return list<int> */
    private static function paragraphs(DOMXPath $slide, DOMElement $target): array
    {
        $range = OfficePackage::elements($slide, './p:txEl/p:pRg', $target)[0] ?? null;
        if ($range === null) {
            return [-1];
        }
        $from = max(0, (int) $range->getAttribute('st'));

        return range($from, max($from, min($from + 100, (int) $range->getAttribute('end'))));
    }
}
