<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A picture file that can be placed on a scene, with what must be said about it. */
final readonly class Picture
{
    /**
     * @param  int  $width in pixels
     * @param  int  $height in pixels
     */
    public function __construct(
        public string $id,
        public int $width,
        public int $height,
        public string $description,
        public string $credit,
        public string $licence,
    ) {
    }
}
