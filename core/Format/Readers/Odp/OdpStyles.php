<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Odp;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Page\Page;
use DOMElement;
use DOMXPath;

/** The styles of a presentation of OpenDocument (1.3, part 3, section 16): what a style does not say, the one that it comes from says. */
final readonly class OdpStyles
{
    private const DEEPEST = 12;

    /** @param  array<string, list<array{xml: DOMXPath, style: DOMElement}>>  $styles by family and name; automatic ones first */
    private function __construct(private array $styles, private ?DOMXPath $sheets)
    {
    }

    public static function read(DOMXPath $content, ?DOMXPath $sheets): self
    {
        $styles = [];
        foreach (array_filter([$content, $sheets]) as $xml) {
            foreach (OfficePackage::elements($xml, '//style:style') as $style) {
                $key = OfficePackage::text($xml, './@style:family', $style).'/'.OfficePackage::text($xml, './@style:name', $style);
                $styles[$key][] = ['xml' => $xml, 'style' => $style];
            }
        }

        return new self($styles, $sheets);
    }

    /**
     * What a style, or one that it comes from, says.
     *
     * @param  list<string>  $families in which a style of this name may be
     * @param  string  $path of an attribute, such as “./style:text-properties/@fo:color”
     */
    public function value(array $families, string $name, string $path): string
    {
        for ($depth = 0; $name !== '' && $depth < self::DEEPEST; $depth++) {
            $found = $this->find($families, $name);
            if ($found === null) {
                return '';
            }
            $value = OfficePackage::text($found['xml'], $path, $found['style']);
            if ($value !== '') {
                return $value;
            }
            $name = OfficePackage::text($found['xml'], './@style:parent-style-name', $found['style']);
        }

        return '';
    }

    /** @return array{float, float} width and height of a page by the name of its master, in centimetres */
    public function pageSize(string $master): array
    {
        $layout = $this->sheet("//style:master-page[@style:name={$this->quoted($master)}]/@style:page-layout-name");
        $of = fn (string $side): float => OdpLength::centimetres(
            $this->sheet("//style:page-layout[@style:name={$this->quoted($layout)}]/style:page-layout-properties/@fo:page-{$side}"),
        );
        [$width, $height] = [$of('width'), $of('height')];

        return $width > 0 && $height > 0 ? [$width, $height] : [28.0, 21.0];
    }

    /** Units of the page in a centimetre. */
    public function scaleOf(DOMXPath $xml, DOMElement $page): float
    {
        return Page::WIDTH / $this->pageSize(OfficePackage::text($xml, './@draw:master-page-name', $page))[0];
    }

    /** @return list<DOMElement> what a master draws on every page */
    public function ofMaster(string $master): array
    {
        return $this->sheets === null ? [] : OfficePackage::elements(
            $this->sheets,
            "//style:master-page[@style:name={$this->quoted($master)}]/*",
        );
    }

    public function styleOfMaster(string $master): string
    {
        return $this->sheet("//style:master-page[@style:name={$this->quoted($master)}]/@draw:style-name");
    }

    public function sheets(): ?DOMXPath
    {
        return $this->sheets;
    }

    /**
     * @param  list<string>  $families
     * @return array{xml: DOMXPath, style: DOMElement}|null
     */
    private function find(array $families, string $name): ?array
    {
        foreach ($families as $family) {
            $found = $this->styles["{$family}/{$name}"] ?? [];
            if ($found !== []) {
                return $found[0];
            }
        }

        return null;
    }

    private function sheet(string $path): string
    {
        return $this->sheets === null ? '' : OfficePackage::text($this->sheets, $path);
    }

    /** A name with a quotation mark in it is none of ours. */
    private function quoted(string $name): string
    {
        return "'".str_replace("'", '', $name)."'";
    }
}
