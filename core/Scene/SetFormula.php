<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A formula set as paths: its markup in thousandths of an em, the baseline at y = 0. */
final readonly class SetFormula
{
    /**
     * @param  float  $width, $ascent and $descent in ems
     * @param  string|null  $trouble why it could not be read and is set as the letters that were typed
     */
    public function __construct(
        public string $markup,
        public float $width,
        public float $ascent,
        public float $descent,
        public ?string $trouble = null,
    ) {
    }
}
