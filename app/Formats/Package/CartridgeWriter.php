<?php

declare(strict_types=1);

namespace App\Formats\Package;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Daybright\Format\Cartridge\CartridgeManifest;

/** The same package for a learning platform that takes cartridges and is told nothing (IMS Common Cartridge 1.3). */
final class CartridgeWriter extends PackageWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'cartridge',
            label: 'Cartridge for a learning platform',
            about: 'Common Cartridge 1.3: the lesson as web content, for platforms without SCORM',
            purpose: FilePurpose::PassOn,
            mediaType: 'application/zip',
            ending: '.imscc',
        );
    }

    protected function manifest(Release $release, PackageFiles $files): array
    {
        $manifest = CartridgeManifest::write(
            "lesson-{$release->id}",
            $release->document->title(),
            PackageFiles::START,
            $files->names(),
        );

        return [CartridgeManifest::FILE => $manifest];
    }
}
