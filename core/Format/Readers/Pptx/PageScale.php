<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Pptx;

use Daybright\Format\Readers\Package\OfficePackage;
use Daybright\Format\Readers\Page\Page;
use Daybright\Format\Readers\Page\Turn;
use Daybright\Scene\Box;
use DOMElement;
use DOMXPath;

/** From lengths of the file (914,400 to an inch) to units of the page; within a group, from the group's own. */
final readonly class PageScale
{
    private const POINT = 12_700;

    /** An angle is given in 60,000ths of a degree (20.1.10.3). */
    private const DEGREE = 60_000;

    private function __construct(private float $x, private float $y, private float $across, private float $down, private float $point)
    {
    }

    /** @param  float  $width of the slide, as the file has it */
    public static function ofSlide(float $width): self
    {
        $scale = Page::WIDTH / $width;

        return new self(0, 0, $scale, $scale, $scale * self::POINT);
    }

    /** @param  DOMElement|null  $place an xfrm with chOff and chExt (20.1.7.5) */
    public function ofGroup(DOMXPath $xml, ?DOMElement $place): self
    {
        $number = static fn (string $path): float => $place === null ? 0.0 : (float) OfficePackage::text($xml, $path, $place);
        [$inner, $deep] = [$number('./a:chExt/@cx'), $number('./a:chExt/@cy')];
        if ($inner <= 0 || $deep <= 0) {
            return $this;
        }
        [$wide, $high] = [$number('./a:ext/@cx') / $inner, $number('./a:ext/@cy') / $deep];

        return new self(
            $this->x + ($number('./a:off/@x') - $number('./a:chOff/@x') * $wide) * $this->across,
            $this->y + ($number('./a:off/@y') - $number('./a:chOff/@y') * $high) * $this->down,
            $this->across * $wide,
            $this->down * $high,
            $this->point,
        );
    }

    public function box(DOMXPath $xml, DOMElement $place): Box
    {
        $number = static fn (string $path): float => (float) OfficePackage::text($xml, $path, $place);

        return new Box(
            $this->x + $number('./a:off/@x') * $this->across,
            $this->y + $number('./a:off/@y') * $this->down,
            max(0.0, $number('./a:ext/@cx') * $this->across),
            max(0.0, $number('./a:ext/@cy') * $this->down),
        );
    }

    public static function turn(DOMElement $place): Turn
    {
        $says = static fn (string $name): bool => in_array($place->getAttribute($name), ['1', 'true'], true);

        return new Turn((int) $place->getAttribute('rot') / self::DEGREE, $says('flipH'), $says('flipV'));
    }

    public function across(float $length): float
    {
        return $length * $this->across;
    }

    public function down(float $length): float
    {
        return $length * $this->down;
    }

    public function ofPoints(float $points): float
    {
        return $points * $this->point;
    }
}
