<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A colour in sRGB. */
final readonly class Colour
{
    /** Each from 0 to 1. */
    private function __construct(public float $red, public float $green, public float $blue)
    {
    }

    /** @param  string  $hex such as “#1F2D36” */
    public static function read(string $hex): self
    {
        $parts = array_map(static fn (string $part): float => hexdec($part) / 255, str_split(ltrim($hex, '#'), 2));

        return new self($parts[0], $parts[1] ?? 0, $parts[2] ?? 0);
    }

    public function hex(): string
    {
        return sprintf('#%02X%02X%02X', round($this->red * 255), round($this->green * 255), round($this->blue * 255));
    }

    /** Light where it was dark and dark where it was light, in the same hue. */
    public function withLightnessTurned(): self
    {
        $shift = 1 - max($this->red, $this->green, $this->blue) - min($this->red, $this->green, $this->blue);

        return new self(
            min(1, max(0, $this->red + $shift)),
            min(1, max(0, $this->green + $shift)),
            min(1, max(0, $this->blue + $shift)),
        );
    }

    /** This colour laid over another. */
    public function over(self $below, float $opacity): self
    {
        return new self(
            $this->red * $opacity + $below->red * (1 - $opacity),
            $this->green * $opacity + $below->green * (1 - $opacity),
            $this->blue * $opacity + $below->blue * (1 - $opacity),
        );
    }

    /** From 1 for the same to 21 for black on white: WCAG 2.2, “contrast ratio”. */
    public function contrast(self $other): float
    {
        $light = max($this->luminance(), $other->luminance());
        $dark = min($this->luminance(), $other->luminance());

        return ($light + 0.05) / ($dark + 0.05);
    }

    /** From 0 to 1: WCAG 2.2, “relative luminance”. */
    private function luminance(): float
    {
        $linear = static fn (float $part): float => $part <= 0.04045 ? $part / 12.92 : (($part + 0.055) / 1.055) ** 2.4;

        return 0.2126 * $linear($this->red) + 0.7152 * $linear($this->green) + 0.0722 * $linear($this->blue);
    }
}
