<?php

declare(strict_types=1);

namespace App\Formats\Package;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Daybright\Format\Scorm\ScormManifest;

/** The same package for a learning platform, which is told the score and when the lesson is done (SCORM 1.2, ADL). */
final class ScormWriter extends PackageWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'scorm',
            label: 'Package for a learning platform',
            about: 'SCORM 1.2: the platform is told the score and when the lesson is done',
            purpose: FilePurpose::PassOn,
            mediaType: 'application/zip',
            ending: '.scorm.zip',
        );
    }

    protected function manifest(Release $release, PackageFiles $files): array
    {
        $manifest = ScormManifest::write(
            "lesson-{$release->id}",
            $release->document->title(),
            PackageFiles::START,
            $files->names(),
        );

        return [ScormManifest::FILE => $manifest];
    }
}
