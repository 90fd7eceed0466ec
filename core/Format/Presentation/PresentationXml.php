<?php

declare(strict_types=1);

namespace Daybright\Format\Presentation;

use Daybright\Format\Xml;

/** What all parts of a presentation are written with. */
final class PresentationXml
{
    public const NAMESPACES = 'xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main"'
        .' xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"'
        .' xmlns:p="http://schemas.openxmlformats.org/presentationml/2006/main"';

    public const MAPPED = '<p:clrMapOvr><a:masterClrMapping/></p:clrMapOvr>';

    public const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    public static function part(string $root, string $inner, string $attributes = ''): string
    {
        return self::HEAD."<p:{$root} ".self::NAMESPACES.$attributes.">{$inner}</p:{$root}>";
    }

    public static function tree(string $shapes): string
    {
        return '<p:spTree><p:nvGrpSpPr><p:cNvPr id="1" name=""/><p:cNvGrpSpPr/><p:nvPr/></p:nvGrpSpPr><p:grpSpPr/>'.$shapes.'</p:spTree>';
    }

    public static function escaped(string $text): string
    {
        return Xml::text($text);
    }
}
