<?php

declare(strict_types=1);

namespace Daybright\Scene;

/**
 * The colours that a drawing is given instead of those it was made with.
 *
 * Blocks and figures are drawn in the colours of Paint and of their part, whatever they are shown on. A palette names others for
 * these. On a dark ground, the light and the dark of all other colours change places.
 */
final readonly class Palette
{
    /**
     * @param  array<string, string>  $colours as drawn, in capitals => as shown
     * @param  bool  $dark whether the ground is darker than what stands on it
     */
    public function __construct(private array $colours, public bool $dark = false)
    {
    }

    public function colour(string $drawn): string
    {
        $known = $this->colours[strtoupper($drawn)] ?? null;
        if ($known !== null) {
            return $known;
        }

        return $this->dark && preg_match('/^#[0-9A-F]{6}$/i', $drawn) === 1 ? Colour::read($drawn)->withLightnessTurned()->hex() : $drawn;
    }
}
