<?php

declare(strict_types=1);

namespace Daybright\Format;

use DOMDocument;
use DOMElement;

/**
 * Turns the styles of an SVG drawing into plain attributes, as drawing programs write them:
 * style="fill:red", and rules for classes such as “.st0, .st1 { fill: red }”. Other selectors are left out.
 */
final class SvgStyles
{
    /** @param  list<string>  $properties those that may become attributes */
    public static function inline(DOMDocument $document, array $properties): void
    {
        $rules = self::rules($document);
        foreach ($document->getElementsByTagName('*') as $element) {
            $declared = [];
            foreach (preg_split('/\s+/', $element->getAttribute('class'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $class) {
                $declared = [...$declared, ...$rules[$class] ?? []];
            }
            // What stands on the element itself wins over its classes, and both over plain attributes.
            self::write($element, [...$declared, ...self::declarations($element->getAttribute('style'))], $properties);
        }
    }

    /** @return array<string, array<string, string>> class => property => value */
    private static function rules(DOMDocument $document): array
    {
        $rules = [];
        foreach ($document->getElementsByTagName('style') as $style) {
            preg_match_all(
                '/([^{}]+)\{([^{}]*)\}/',
                (string) preg_replace('~/\*.*?\*/~s', '', $style->textContent),
                $found,
                PREG_SET_ORDER,
            );
            foreach ($found as [, $selectors, $declarations]) {
                foreach (explode(',', $selectors) as $selector) {
                    if (preg_match('/^\s*\.([\w-]+)\s*$/', $selector, $class) === 1) {
                        $rules[$class[1]] = [...$rules[$class[1]] ?? [], ...self::declarations($declarations)];
                    }
                }
            }
        }

        return $rules;
    }

    /** @return array<string, string> */
    private static function declarations(string $css): array
    {
        $declarations = [];
        foreach (explode(';', $css) as $declaration) {
            [$property, $value] = array_pad(explode(':', $declaration, 2), 2, '');
            if (trim($value) !== '') {
                $declarations[strtolower(trim($property))] = trim((string) preg_replace('/!\s*important/i', '', $value));
            }
        }

        return $declarations;
    }

    /**
     * @param  array<string, string>  $declared
     * @param  list<string>  $properties
     */
    private static function write(DOMElement $element, array $declared, array $properties): void
    {
        foreach ($declared as $property => $value) {
            if (in_array($property, $properties, true)) {
                $element->setAttribute($property, $value);
            }
        }
    }
}
