<?php

declare(strict_types=1);

namespace Daybright\Format;

use DomainException;
use DOMDocument;
use DOMElement;
use DOMNode;

/** Makes an SVG picture safe: only drawing elements and attributes are kept, nothing that loads, links or runs. */
final class SvgCleaner
{
    private const ELEMENTS = [
        'svg',
        'g',
        'defs',
        'title',
        'desc',
        'path',
        'rect',
        'circle',
        'ellipse',
        'line',
        'polyline',
        'polygon',
        'text',
        'tspan',
        'lineargradient',
        'radialgradient',
        'stop',
        'clippath',
        'symbol',
        'use',
    ];

    private const ATTRIBUTES = [
        'id',
        'd',
        'x',
        'y',
        'x1',
        'y1',
        'x2',
        'y2',
        'cx',
        'cy',
        'r',
        'rx',
        'ry',
        'fx',
        'fy',
        'dx',
        'dy',
        'width',
        'height',
        'viewbox',
        'points',
        'transform',
        'offset',
        'gradientunits',
        'gradienttransform',
        'preserveaspectratio',
        // Letters of a PDF stand outside of their symbols' boxes, and are cut off where this is not said.
        'overflow',
        'version',
        ...self::PROPERTIES,
    ];

    /** Those of them that a style sheet may set. */
    private const PROPERTIES = [
        'fill',
        'fill-opacity',
        'fill-rule',
        'stroke',
        'stroke-width',
        'stroke-linecap',
        'stroke-linejoin',
        'stroke-dasharray',
        'stroke-opacity',
        'stroke-miterlimit',
        'opacity',
        'font-family',
        'font-size',
        'font-weight',
        'font-style',
        'text-anchor',
        'stop-color',
        'stop-opacity',
        'clip-path',
        'clip-rule',
        'display',
        'visibility',
    ];

    private const MOST_ELEMENTS = 20000;

    /** Elements to be drawn, each “use” counted as what it repeats. */
    private const MOST_DRAWN = 60000;

    /** @throws DomainException when it is not an SVG picture */
    public static function clean(string $svg): string
    {
        if (preg_match('/<!DOCTYPE|<!ENTITY/i', $svg) === 1) {
            $svg = (string) preg_replace('/<!DOCTYPE[^>\[]*(\[[^\]]*\])?[^>]*>/i', '', $svg);
        }
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        $read = $document->loadXML($svg, LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        // A document type that could not be taken off may define anything.
        if (! $read || $document->doctype !== null || $root === null || strtolower($root->localName ?? '') !== 'svg') {
            throw new DomainException('This file is not an SVG picture that can be read. Save it again as “plain SVG” or choose a PNG.');
        }
        if ($document->getElementsByTagName('*')->length > self::MOST_ELEMENTS) {
            throw new DomainException('This SVG picture has too many parts. Save it as a PNG instead.');
        }
        SvgStyles::inline($document, self::PROPERTIES);
        self::cleanElement($root);
        self::refuseSwelling($document);

        return (string) $document->saveXML($root);
    }

    /** A “use” that repeats what repeats other things can swell without end; so can very many of them. */
    private static function refuseSwelling(DOMDocument $document): void
    {
        $sizes = [];
        foreach ($document->getElementsByTagName('*') as $element) {
            if ($element->hasAttribute('id')) {
                $uses = $element->getElementsByTagName('use')->length + ($element->localName === 'use' ? 1 : 0);
                $sizes['#'.$element->getAttribute('id')] = $uses > 0 ? PHP_INT_MAX : $element->getElementsByTagName('*')->length + 1;
            }
        }
        $drawn = $document->getElementsByTagName('*')->length;
        foreach ($document->getElementsByTagName('use') as $use) {
            $drawn += min(self::MOST_DRAWN, $sizes[$use->getAttribute('xlink:href') ?: $use->getAttribute('href')] ?? 0);
        }
        if ($drawn > self::MOST_DRAWN) {
            throw new DomainException('This SVG picture repeats too many parts. Save it as a PNG instead.');
        }
    }

    private static function cleanElement(DOMElement $element): void
    {
        foreach (iterator_to_array($element->attributes) as $attribute) {
            $name = strtolower($attribute->nodeName);
            $isInnerLink = $name === 'xlink:href' || $name === 'href' ? str_starts_with($attribute->nodeValue ?? '', '#') : null;
            $attribute->nodeValue = (string) preg_replace(
                '/url\(\s*([\'"]?)(#[^\'")\s]+)\1\s*\)/i',
                'url($2)',
                htmlspecialchars($attribute->nodeValue ?? '', ENT_XML1 | ENT_NOQUOTES),
            );
            // A name may be written with escapes or comments in it, so that “url(” is not seen.
            $loads = preg_match('~url\((?!#[^\'")\s]+\))|\\\\|/\*~i', $attribute->nodeValue ?? '') === 1;
            if ($isInnerLink === false || ($isInnerLink === null && (! in_array($name, self::ATTRIBUTES, true) || $loads))) {
                $element->removeAttributeNode($attribute);
            }
        }
        foreach (iterator_to_array($element->childNodes) as $child) {
            if (! self::mayStay($child)) {
                $element->removeChild($child);
            } elseif ($child instanceof DOMElement) {
                self::cleanElement($child);
            }
        }
    }

    private static function mayStay(DOMNode $node): bool
    {
        return $node instanceof DOMElement
            ? in_array(strtolower($node->localName ?? ''), self::ELEMENTS, true)
            : $node->nodeType === XML_TEXT_NODE;
    }
}
