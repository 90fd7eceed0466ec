<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The PHP files of this repository that people write. */
final class OurFiles
{
    /** @return iterable<string, string> path by the name from the root */
    public static function in(string ...$folders): iterable
    {
        $root = dirname(__DIR__, 3);
        foreach ($folders as $folder) {
            $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS));
            foreach ($files as $file) {
                // The list of words is data, and a migration that has landed stays as it is.
                if (
                    $file instanceof SplFileInfo
                    && $file->getExtension() === 'php'
                    && ! in_array(basename($file->getPath()), ['Data', 'migrations'], true)
                ) {
                    yield substr($file->getPathname(), strlen($root) + 1) => $file->getPathname();
                }
            }
        }
    }
}
