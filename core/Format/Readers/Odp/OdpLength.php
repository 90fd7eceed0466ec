<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Odp;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Scene\Box;
use DOMElement;
use DOMXPath;

/** A length with its unit (OpenDocument 1.3, part 3, 18.3.18). */
final class OdpLength
{
    /** Centimetres in each. */
    private const UNITS = ['cm' => 1.0, 'mm' => 0.1, 'in' => 2.54, 'pt' => 2.54 / 72, 'pc' => 2.54 / 6, 'px' => 2.54 / 96];

    /** 0 where it is none. */
    public static function centimetres(string $length): float
    {
        return preg_match('/^(-?[\d.]+)(cm|mm|in|pt|pc|px)$/', trim($length), $match) === 1
            ? (float) $match[1] * self::UNITS[$match[2]]
            : 0.0;
    }

    /** Where a thing stands, by its own attributes. */
    public static function box(DOMXPath $xml, DOMElement $thing, float $scale): Box
    {
        $of = static fn (string $name): float => self::centimetres(OfficePackage::text($xml, "./@svg:{$name}", $thing)) * $scale;

        return new Box($of('x'), $of('y'), max(0.0, $of('width')), max(0.0, $of('height')));
    }
}
