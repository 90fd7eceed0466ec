<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Odp;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Package\PackageParts;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\UnreadableText;

/** Reads the slides of a presentation (OpenDocument 1.3, part 3: sections 10 and 15). */
final readonly class OdpReader
{
    private const MOST_SLIDES = 300;

    private OfficePackage $package;

    public function __construct(PackageParts $parts)
    {
        $this->package = new OfficePackage($parts);
    }

    /**
     * @return non-empty-list<ReadSlide>
     *
     * @throws UnreadableText when there are no slides
     */
    public function slides(): array
    {
        $xml = $this->package->xml('content.xml') ?? throw UnreadableText::damaged();
        $pages = OfficePackage::elements($xml, '/office:document-content/office:body/office:presentation/draw:page');
        if (count($pages) > self::MOST_SLIDES) {
            throw UnreadableText::tooManySlides(self::MOST_SLIDES);
        }
        $styles = OdpStyles::read($xml, $this->package->xml('styles.xml'));
        $slides = [];
        foreach ($pages as $page) {
            $slides[] = OdpSlide::read($xml, $page, $styles);
        }

        return $slides === [] ? throw UnreadableText::noSlides() : $slides;
    }
}
