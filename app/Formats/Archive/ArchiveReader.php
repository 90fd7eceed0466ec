<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Adapters\ProgramFailed;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\ZipEntry;
use App\Formats\ImportedLesson;
use App\Formats\LessonReader;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\PaintedSlides;
use App\Media\CheckedFile;
use App\Media\MediaKinds;
use App\Models\User;
use App\Recording\DrawingCost;
use Daybright\Format\IncomingJson;
use Daybright\Format\UnreadableText;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Media\Medium;
use DomainException;
use stdClass;
use ZipArchive;

/** Reads a lesson from one file: lesson.json, its pictures and its takes in a zip. See docs/formats/archive.md. */
final class ArchiveReader implements LessonReader
{
    private const MOST_ENTRIES = 2000;

    private const MOST_BYTES = 2_000_000_000;

    private const MOST_JSON = 20_000_000;

    public function __construct(private readonly LessonSchema $schema, private readonly PaintedSlides $painted)
    {
    }

    public static function name(): string
    {
        return 'archive';
    }

    public static function label(): string
    {
        return 'Lesson file';
    }

    public static function accepts(): array
    {
        return ['.zip'];
    }

    /** A file that is to be a lesson, whole or not, is recognised by what it would hold. */
    public function recognises(string $path): bool
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            return false;
        }
        try {
            for ($index = 0; $index < min($zip->numFiles, self::MOST_ENTRIES); $index++) {
                if (preg_match(self::names(), (string) $zip->getNameIndex($index)) === 1) {
                    return true;
                }
            }

            return false;
        } finally {
            $zip->close();
        }
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new DomainException('This file is not a whole lesson archive. It may have been cut short on its way: fetch it again.');
        }
        try {
            $this->checkEntries($zip);
            $document = LessonDocument::from($this->decoded($zip, 'lesson.json'));
            $read = $this->checked($document);
            [$document, $media] = $this->media($zip, $read, $document);

            return new ImportedLesson($document, $media, $this->takes($zip));
        } finally {
            $zip->close();
        }
    }

    /** The pattern of the names that a lesson archive may hold. */
    private static function names(): string
    {
        $folders = implode('|', array_map(static fn (string $kind): string => $kind::folder(), MediaKinds::CATALOGUE));

        return "~^(lesson\\.json|(?:{$folders})/[0-9a-f]{64}|takes/\\d{1,4}/(take\\.json|sound\\.flac))$~";
    }

    private function checkEntries(ZipArchive $zip): void
    {
        if ($zip->numFiles > self::MOST_ENTRIES) {
            throw new DomainException('This archive holds too many files for one lesson.');
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $entry = $zip->statIndex($index);
            if ($entry === false || preg_match(self::names(), $entry['name']) !== 1) {
                throw new DomainException(
                    'This archive holds a file that does not belong in a lesson: “'
                        .mb_substr((string) ($entry['name'] ?? '?'), 0, 80)
                        .'”. Nothing was brought in.',
                );
            }
            $bytes += $entry['size'];
            if ($bytes > self::MOST_BYTES || (str_ends_with($entry['name'], '.json') && $entry['size'] > self::MOST_JSON)) {
                throw new DomainException('This archive is far too large when unpacked. Nothing was brought in.');
            }
        }
    }

    private function decoded(ZipArchive $zip, string $name): stdClass
    {
        $json = $zip->getFromName($name, self::MOST_JSON + 1);
        try {
            $value = $json === false ? null : IncomingJson::decode($json);
        } catch (UnreadableText) {
            $value = null;
        }

        return $value instanceof stdClass
            ? $value
            : throw new DomainException("The archive's {$name} is missing or damaged. Fetch the archive again.");
    }

    /**
     * A photo that says where it was taken is written anew and named by what it has become.
     *
     * @return array{LessonDocument, list<CheckedFile>}
     */
    private function media(ZipArchive $zip, Document $read, LessonDocument $document): array
    {
        $files = [];
        foreach ($read->media as $medium) {
            $kind = MediaKinds::ofType($medium->type);
            $file = ZipEntry::unpack($zip, $kind::folder().'/'.$medium->sha256, $kind::largest());
            if ($file === null || hash_file('sha256', $file) !== $medium->sha256) {
                throw new DomainException(
                    'The '.$medium::kind()." “{$medium->name}” is missing from the archive or damaged. Fetch the archive again.",
                );
            }
            $safe = $this->safe($file, $medium);
            $document = $document->withText($medium->sha256, $safe->sha256);
            $files[] = $safe;
        }

        return [$document, $files];
    }

    private function safe(string $file, Medium $medium): CheckedFile
    {
        $name = $medium::kind()." “{$medium->name}”";
        try {
            $safe = MediaKinds::ofType($medium->type)::cleared($file);
        } catch (DomainException $trouble) {
            throw new DomainException("The {$name} in the archive cannot be used. {$trouble->getMessage()}");
        }
        if ($safe->type !== $medium->type) {
            throw new DomainException("The {$name} in the archive is not what it says it is. Nothing was brought in.");
        }

        return $safe;
    }

    /** @return list<array{fields: array<string, mixed>, sound: string}> */
    private function takes(ZipArchive $zip): array
    {
        $takes = [];
        for ($number = 1; $zip->locateName("takes/{$number}/take.json") !== false; $number++) {
            $taken = $this->decoded($zip, "takes/{$number}/take.json");
            $this->checkTake($taken, $number);
            $fields = IncomingJson::arrays($taken);
            $sound = ZipEntry::unpack($zip, "takes/{$number}/sound.flac") ?? throw new DomainException(
                "The sound of take {$number} is missing from the archive or damaged. Fetch the archive again.",
            );
            try {
                $length = AudioEncoder::length($sound);
            } catch (ProgramFailed) {
                $length = -1;
            }
            if ($length !== $fields['length']) {
                throw new DomainException("The sound of take {$number} is damaged. Fetch the archive again.");
            }
            $takes[] = ['fields' => $fields, 'sound' => $sound];
        }

        return $takes;
    }

    private function checkTake(stdClass $take, int $number): void
    {
        DrawingCost::refuseTooMuch($take->events ?? []);
        try {
            $this->schema->checkArchivedTake($take);
        } catch (InvalidLesson) {
            throw new DomainException("Take {$number} in the archive is not in order. Fetch the archive again.");
        }
        foreach ($take->cuts as $cut) {
            if ($cut->to <= $cut->from) {
                throw new DomainException("A cut of take {$number} in the archive ends before it begins. Fetch the archive again.");
            }
        }
    }

    private function checked(LessonDocument $document): Document
    {
        try {
            $read = $this->schema->check($document);
            $this->painted->views($document, $read->slides());
        } catch (InvalidLesson $trouble) {
            throw new DomainException("The lesson in this archive is not in order, and nothing was brought in. {$trouble->getMessage()}");
        }

        return $read;
    }
}
