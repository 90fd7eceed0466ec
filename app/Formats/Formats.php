<?php

declare(strict_types=1);

namespace App\Formats;

use App\Formats\Archive\ArchiveReader;
use App\Formats\Archive\ArchiveWriter;
use App\Formats\Captions\CaptionsWriter;
use App\Formats\Epub\EpubWriter;
use App\Formats\Handout\AnswersWriter;
use App\Formats\Handout\HandoutPageWriter;
use App\Formats\Handout\HandoutWriter;
use App\Formats\Package\CartridgeWriter;
use App\Formats\Package\PackageWriter;
use App\Formats\Package\ScormWriter;
use App\Formats\Pdf\PdfReader;
use App\Formats\Pictures\PicturesReader;
use App\Formats\Presentation\OpenPresentationReader;
use App\Formats\Presentation\PresentationReader;
use App\Formats\Qti\QtiWriter;
use App\Formats\Slides\PresentationWriter;
use App\Formats\Slides\SlidesWriter;
use App\Formats\Slides\StepsWriter;
use App\Formats\Sound\SoundWriter;
use App\Formats\TextDocument\DocxDocumentReader;
use App\Formats\TextDocument\MarkdownReader;
use App\Formats\TextDocument\OdtDocumentReader;
use App\Formats\Transcript\TranscriptWriter;
use App\Formats\Video\Mp4Writer;
use App\Formats\Video\WebmWriter;

/** The formats that lessons come in and go out in: one line each. */
final class Formats
{
    /** @var non-empty-list<class-string<LessonReader>> in the order in which they are tried */
    public const READERS = [
        ArchiveReader::class,
        PresentationReader::class,
        OpenPresentationReader::class,
        DocxDocumentReader::class,
        OdtDocumentReader::class,
        PicturesReader::class,
        PdfReader::class,
        MarkdownReader::class,
    ];

    /** @var non-empty-list<class-string<LessonWriter>> */
    public const WRITERS = [
        Mp4Writer::class,
        WebmWriter::class,
        PackageWriter::class,
        EpubWriter::class,
        SoundWriter::class,
        CaptionsWriter::class,
        TranscriptWriter::class,
        HandoutWriter::class,
        HandoutPageWriter::class,
        AnswersWriter::class,
        SlidesWriter::class,
        StepsWriter::class,
        PresentationWriter::class,
        ScormWriter::class,
        CartridgeWriter::class,
        QtiWriter::class,
        ArchiveWriter::class,
    ];

    /** @return list<string> ends of the names of files that a lesson can be brought in from */
    public static function accepted(): array
    {
        $endings = array_map(static fn (string $reader): array => $reader::accepts(), self::READERS);

        return array_values(array_unique(array_merge(...$endings)));
    }

    /** @param  array<string, string>  $choices values by the name of the choice */
    public static function writer(string $name, array $choices = []): ?LessonWriter
    {
        foreach (self::WRITERS as $class) {
            if ($class::format()->name === $name) {
                $writer = app($class);

                return $writer instanceof OffersChoices ? $writer->chosen($choices) : $writer;
            }
        }

        return null;
    }

    /** The pattern that the name of a writer follows in an address. */
    public static function writerNames(): string
    {
        return implode('|', array_map(static fn (string $writer): string => $writer::format()->name, self::WRITERS));
    }
}
