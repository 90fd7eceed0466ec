<?php

declare(strict_types=1);

namespace App\Formats\Package;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Closure;
use DomainException;
use ZipArchive;

/** The newest shared version in a zip that plays from index.html, with no server and no connection. */
class PackageWriter extends SharedVersionWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'package',
            label: 'Package to play without a connection',
            about: 'A zip to unpack and open by index.html; it stops at pause points, and carries the answers with it',
            purpose: FilePurpose::Watch,
            mediaType: 'application/zip',
            ending: '.zip',
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        return Files::tidily(function () use ($release): string {
            $files = PackageFiles::of($release);
            $path = Files::temporary('zip');
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL);
            foreach ($files->written + $this->manifest($release, $files) as $name => $content) {
                $zip->addFromString($name, $content);
            }
            foreach ($files->copied as $name => $file) {
                $zip->addFile($file, $name);
            }
            if (! $zip->close()) {
                throw new DomainException('The package could not be written. Check that the disk has room.');
            }

            return $path;
        });
    }

    /** @return array<string, string> what a platform reads of it, by file */
    protected function manifest(Release $release, PackageFiles $files): array
    {
        return [];
    }
}
