<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use DOMElement;
use DOMXPath;

/** A fill with a picture (ECMA-376, part 1, 20.1.8.14). */
final class PptxPicture
{
    /** Namespace of the attributes that name a relationship. */
    public const RELATION = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    /** A share of a picture is given in thousandths of a hundredth (20.1.10.41). */
    private const WHOLE = 100_000;

    /** What is seen of a picture at least, as a share of its width and height. */
    private const LEAST = 0.05;

    /**
     * @param  DOMElement|null  $fill a blipFill
     * @param  array<string, array{kind: string, part: string}>  $relations
     * @return string|null name of the part that it lies in; null where it lies elsewhere
     */
    public static function part(DOMXPath $xml, ?DOMElement $fill, array $relations): ?string
    {
        $blip = $fill === null ? null : OfficePackage::elements($xml, './a:blip', $fill)[0] ?? null;

        return $relations[$blip?->getAttributeNS(self::RELATION, 'embed') ?? '']['part'] ?? null;
    }

    /** @return array{x: float, y: float, width: float, height: float}|null what is seen, as shares of the picture; null for all of it */
    public static function crop(DOMXPath $xml, ?DOMElement $fill): ?array
    {
        $rectangle = $fill === null ? null : OfficePackage::elements($xml, './a:srcRect', $fill)[0] ?? null;
        $edge = static fn (string $name): float => min(1.0, max(0.0, (int) $rectangle?->getAttribute($name) / self::WHOLE));
        [$x, $y] = [$edge('l'), $edge('t')];
        [$width, $height] = [1 - $x - $edge('r'), 1 - $y - $edge('b')];
        $isWhole = $width > 0.999 && $height > 0.999;

        return $isWhole || $width < self::LEAST || $height < self::LEAST ? null : [
            'x' => round($x, 4),
            'y' => round($y, 4),
            'width' => round($width, 4),
            'height' => round($height, 4),
        ];
    }
}
