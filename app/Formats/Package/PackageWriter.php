<?php

declare(strict_types=1);

namespace App\Formats\Package;

use App\Adapters\Files;
use App\Adapters\WrittenZip;
use App\Formats\FilePurpose;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Closure;

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

            return WrittenZip::of($files->written + $this->manifest($release, $files), $files->copied);
        });
    }

    /** @return array<string, string> what a platform reads of it, by file */
    protected function manifest(Release $release, PackageFiles $files): array
    {
        return [];
    }
}
