<?php

declare(strict_types=1);

namespace App\Adapters;

use DomainException;
use ZipArchive;

/** A zip of texts and of files that are on this machine. */
final class WrittenZip
{
    /**
     * @param  array<string, string>  $texts by name, in the order in which they stand in it
     * @param  array<string, string>  $files paths by name, behind them
     * @param  string|null  $stored name of a text that is not compressed
     * @param  string  $ending of the file’s name, without its dot
     * @return string path of a temporary file
     */
    public static function of(array $texts, array $files = [], ?string $stored = null, string $ending = 'zip'): string
    {
        $path = Files::temporary($ending);
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL);
        foreach ($texts as $name => $text) {
            $zip->addFromString($name, $text);
        }
        if ($stored !== null) {
            $zip->setCompressionName($stored, ZipArchive::CM_STORE);
        }
        foreach ($files as $name => $file) {
            $zip->addFile($file, $name);
        }

        return $zip->close() ? $path : throw new DomainException('The file could not be written. Check that the disk has room.');
    }
}
