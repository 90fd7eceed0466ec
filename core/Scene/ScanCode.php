<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A code to scan with a phone. */
final readonly class ScanCode
{
    /**
     * @param  int  $size modules on each side, without the light border that it needs around it
     * @param  string  $path of the dark modules, as an SVG path in which a module is one unit
     */
    public function __construct(public int $size, public string $path)
    {
    }
}
