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

    /** Whose it is and under which licence; empty where nothing is known. */
    public function creditLine(): string
    {
        return $this->licence === '' || $this->licence === 'own' ? $this->credit : $this->credit.' · '.strtoupper($this->licence);
    }
}
