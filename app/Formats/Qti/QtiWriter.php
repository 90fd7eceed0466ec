<?php

declare(strict_types=1);

namespace App\Formats\Qti;

use App\Adapters\Files;
use App\Adapters\WrittenZip;
use App\Formats\FilePurpose;
use App\Formats\LessonWriter;
use App\Formats\WrittenFormat;
use App\Models\Lesson;
use App\Models\MediaFile;
use Closure;
use Daybright\Format\Qti\QtiPackage;
use Daybright\Release\Questions;
use DomainException;

/** The questions of the lesson as it is now, for another program that asks questions (IMS QTI 2.1). */
final class QtiWriter implements LessonWriter
{
    private const NOTHING = 'This lesson asks nothing yet that can be written down so. Add a question in the Storyboard.';

    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'qti',
            label: 'Questions (QTI)',
            about: 'QTI 2.1: each question with its marks and its answer, for other programs that ask questions',
            purpose: FilePurpose::PassOn,
            mediaType: 'application/zip',
            ending: '.qti.zip',
        );
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return Questions::in($lesson->read()) === [] ? self::NOTHING : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $package = new QtiPackage($lesson->read(), MediaFile::dataAddress(...));
        if ($package->isEmpty()) {
            throw new DomainException(self::NOTHING);
        }

        return Files::tidily(static fn (): string => WrittenZip::of($package->files()));
    }
}
