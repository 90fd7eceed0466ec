<?php

declare(strict_types=1);

namespace App\Adapters;

use RuntimeException;

/** A file that could not be written: as a rule the disk is full. */
final class DiskTrouble extends RuntimeException
{
    public static function cannotWrite(string $path): self
    {
        return new self("“{$path}” could not be written: is the disk full?");
    }
}
