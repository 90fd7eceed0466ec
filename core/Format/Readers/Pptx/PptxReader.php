<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\PackageParts;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\UnreadableText;

/** Reads the slides of a presentation (ECMA-376, part 1: PresentationML and DrawingML). */
final readonly class PptxReader
{
    private const MOST_SLIDES = 300;

    /** Of slides that say nothing of their size: ten inches by seven and a half. */
    private const WIDTH = 9_144_000;

    private const HEIGHT = 6_858_000;

    private OfficePackage $package;

    public function __construct(PackageParts $parts)
    {
        $this->package = new OfficePackage($parts);
    }

    /** Whether it is a presentation, by what it holds. */
    public function recognises(): bool
    {
        return $this->presentation() !== null;
    }

    /** What the presentation calls itself; empty where it says nothing. */
    public function title(): string
    {
        $properties = $this->package->related('', 'core-properties');
        $xml = $properties === null ? null : $this->package->xml($properties);

        return $xml === null ? '' : trim(OfficePackage::text($xml, '/core:coreProperties/dc:title'));
    }

    /**
     * @return list<ReadSlide|null> null for a slide that cannot be read, or is hidden
     *
     * @throws UnreadableText when there are no slides
     */
    public function slides(): array
    {
        $part = (string) $this->presentation();
        $xml = $this->package->xml($part) ?? throw UnreadableText::noSlides();
        $relations = $this->package->relations($part);
        $width = max(1.0, (float) (OfficePackage::text($xml, '/p:presentation/p:sldSz/@cx') ?: self::WIDTH));
        $height = max(1.0, (float) (OfficePackage::text($xml, '/p:presentation/p:sldSz/@cy') ?: self::HEIGHT));
        $slides = [];
        foreach (OfficePackage::elements($xml, '/p:presentation/p:sldIdLst/p:sldId') as $entry) {
            $name = $relations[$entry->getAttributeNS(PptxPicture::RELATION, 'id')]['part'] ?? '';
            $slides[] = $name === '' ? null : PptxSlide::read($this->package, $name, $width, $height);
            if (count($slides) > self::MOST_SLIDES) {
                throw UnreadableText::tooManySlides(self::MOST_SLIDES);
            }
        }

        return array_filter($slides) === [] ? throw UnreadableText::noSlides() : $slides;
    }

    private function presentation(): ?string
    {
        $part = $this->package->related('', 'officeDocument');
        $xml = $part === null ? null : $this->package->xml($part);

        return $xml !== null && OfficePackage::elements($xml, '/p:presentation') !== [] ? $part : null;
    }
}
