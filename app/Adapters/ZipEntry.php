<?php

declare(strict_types=1);

namespace App\Adapters;

use ZipArchive;

/** One file in a zip, taken out safely. */
final class ZipEntry
{
    /**
     * No more is written than the archive says it holds: an entry may swell without end.
     *
     * @param  int|null  $largest bytes; nothing is taken out of an entry that is larger
     * @return string|null path of a temporary file; null when the entry is missing, empty, damaged or too large
     *
     * @throws DiskTrouble
     */
    public static function unpack(ZipArchive $zip, string $name, ?int $largest = null): ?string
    {
        $size = $zip->statName($name)['size'] ?? 0;
        $source = $zip->getStream($name);
        if ($source === false || $size === 0 || ($largest !== null && $size > $largest)) {
            return null;
        }
        $file = Files::temporary(pathinfo($name, PATHINFO_EXTENSION));
        $target = Files::opened($file, 'wb');
        // A damaged entry is found by its length, not by a warning.
        $written = @stream_copy_to_stream($source, $target, $size + 1);
        fclose($target);

        return $written === $size ? $file : null;
    }
}
