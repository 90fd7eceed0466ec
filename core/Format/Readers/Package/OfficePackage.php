<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Package;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;

/** A package of Office Open XML or OpenDocument, read part by part. Nothing outside of it is ever read. */
final readonly class OfficePackage
{
    private const NAMES = [
        'a' => 'http://schemas.openxmlformats.org/drawingml/2006/main',
        'c' => 'http://schemas.openxmlformats.org/drawingml/2006/chart',
        'p' => 'http://schemas.openxmlformats.org/presentationml/2006/main',
        'r' => 'http://schemas.openxmlformats.org/officeDocument/2006/relationships',
        'w' => 'http://schemas.openxmlformats.org/wordprocessingml/2006/main',
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
        'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0',
        'table' => 'urn:oasis:names:tc:opendocument:xmlns:table:1.0',
        'draw' => 'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0',
        'presentation' => 'urn:oasis:names:tc:opendocument:xmlns:presentation:1.0',
        'anim' => 'urn:oasis:names:tc:opendocument:xmlns:animation:1.0',
        'smil' => 'urn:oasis:names:tc:opendocument:xmlns:smil-compatible:1.0',
        'svg' => 'urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0',
        'style' => 'urn:oasis:names:tc:opendocument:xmlns:style:1.0',
        'fo' => 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0',
        'rel' => 'http://schemas.openxmlformats.org/package/2006/relationships',
        'core' => 'http://schemas.openxmlformats.org/package/2006/metadata/core-properties',
        'dc' => 'http://purl.org/dc/elements/1.1/',
    ];

    public function __construct(private PackageParts $parts)
    {
    }

    /** @return DOMXPath|null null where the part is missing, or is no XML that may be read */
    public function xml(string $part): ?DOMXPath
    {
        $bytes = $this->parts->part($part);
        // A package has no use for a document type, which could make a small part swell (part 2, 6.2.5).
        if ($bytes === null || $bytes === '' || stripos($bytes, '<!DOCTYPE') !== false) {
            return null;
        }
        $document = new DOMDocument;
        $before = libxml_use_internal_errors(true);
        try {
            if (! $document->loadXML($bytes, LIBXML_NONET | LIBXML_COMPACT)) {
                return null;
            }
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $xml = new DOMXPath($document);
        foreach (self::NAMES as $prefix => $namespace) {
            $xml->registerNamespace($prefix, $namespace);
        }

        return $xml;
    }

    /** @return array<string, array{kind: string, part: string}> of a part, by their ids; those that lead outside are left out */
    public function relations(string $part): array
    {
        $folder = str_contains($part, '/') ? dirname($part).'/' : '';
        $xml = $this->xml($folder.'_rels/'.basename($part).'.rels');
        $relations = [];
        foreach ($xml === null ? [] : self::elements($xml, '/rel:Relationships/rel:Relationship') as $relation) {
            if ($relation->getAttribute('TargetMode') !== 'External') {
                $relations[$relation->getAttribute('Id')] = [
                    'kind' => basename($relation->getAttribute('Type')),
                    'part' => self::resolved($folder, $relation->getAttribute('Target')),
                ];
            }
        }

        return $relations;
    }

    /** The first part that a part leads to by a kind of relationship, such as “notesSlide”. */
    public function related(string $part, string $kind): ?string
    {
        foreach ($this->relations($part) as $relation) {
            if ($relation['kind'] === $kind) {
                return $relation['part'];
            }
        }

        return null;
    }

    /** @return list<DOMElement> */
    public static function elements(DOMXPath $xml, string $path, ?DOMNode $from = null): array
    {
        $found = [];
        foreach ($xml->query($path, $from) ?: [] as $node) {
            if ($node instanceof DOMElement) {
                $found[] = $node;
            }
        }

        return $found;
    }

    /** @return string what stands there, or nothing */
    public static function text(DOMXPath $xml, string $path, ?DOMNode $from = null): string
    {
        $value = $xml->evaluate("string({$path})", $from);

        return is_string($value) ? $value : '';
    }

    private static function resolved(string $folder, string $target): string
    {
        $reached = [];
        foreach (explode('/', str_starts_with($target, '/') ? ltrim($target, '/') : $folder.$target) as $segment) {
            if ($segment === '..') {
                array_pop($reached);
            } elseif ($segment !== '' && $segment !== '.') {
                $reached[] = $segment;
            }
        }

        return implode('/', $reached);
    }
}
