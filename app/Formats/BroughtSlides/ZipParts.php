<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Adapters\ZipEntry;
use App\Media\Picture\PictureKind;
use Daybright\Format\Readers\Package\PackageParts;
use ZipArchive;

/** The parts of a package that lies in a zip file. No more of one is read than a slide can have, and no more of all than a lesson. */
final class ZipParts implements PackageParts
{
    /** Bytes of a part that is text, and of all that are read. */
    private const LARGEST = 20_000_000;

    private const ALL = 200_000_000;

    private const MOST_ENTRIES = 20_000;

    private int $read = 0;

    private function __construct(private readonly ZipArchive $zip)
    {
    }

    /** @return self|null null where the file is no zip, or holds far more files than a presentation has */
    public static function open(string $path): ?self
    {
        $zip = new ZipArchive;

        return $zip->open($path, ZipArchive::RDONLY) === true && $zip->numFiles <= self::MOST_ENTRIES ? new self($zip) : null;
    }

    /** @return string|null path of a temporary file that holds a picture; null where it is missing, damaged or too large */
    public function picture(string $name): ?string
    {
        return $name === '' ? null : ZipEntry::unpack($this->zip, $name, PictureKind::largest());
    }

    public function has(string $name): bool
    {
        return $this->zip->locateName($name) !== false;
    }

    public function part(string $name): ?string
    {
        $size = $name === '' ? null : $this->zip->statName($name)['size'] ?? null;
        if ($size === null || $size > self::LARGEST || $this->read + $size > self::ALL) {
            return null;
        }
        // A damaged entry is told by its length; one that swells beyond what it says is cut off there.
        $bytes = @$this->zip->getFromName($name, $size + 1);
        $this->read += $size;

        return is_string($bytes) && strlen($bytes) === $size ? $bytes : null;
    }
}
