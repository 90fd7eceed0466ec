<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** The two cuts of a family that slides are set in. */
final readonly class Typeface
{
    public function __construct(public FontFace $regular, public FontFace $bold)
    {
    }

    public function cut(bool $bold): FontFace
    {
        return $bold ? $this->bold : $this->regular;
    }
}
