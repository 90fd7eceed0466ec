<?php

declare(strict_types=1);

namespace App\Formats\Pictures;

use App\Adapters\ZipEntry;
use App\Formats\ImportedLesson;
use App\Formats\LessonReader;
use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Media\CheckedFile;
use App\Media\Picture\PictureKind;
use App\Models\User;
use Daybright\Lesson\PartKind;
use DomainException;
use Illuminate\Support\Str;
use ZipArchive;

/** Makes a lesson of the pictures in a zip file: each is a slide, in the order of their names. */
final class PicturesReader implements LessonReader
{
    private const MOST_PICTURES = 100;

    private const MOST_ENTRIES = 2000;

    private const MOST_BYTES = 100_000_000;

    public static function name(): string
    {
        return 'pictures';
    }

    public static function label(): string
    {
        return 'Pictures in a zip file';
    }

    public static function accepts(): array
    {
        return ['.zip'];
    }

    public function recognises(string $path): bool
    {
        return self::opened($path, static fn (ZipArchive $zip): bool => self::pictures($zip) !== []) ?? false;
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        return self::opened($path, static fn (ZipArchive $zip): ImportedLesson => self::lesson($zip, $name))
            ?? throw new DomainException('This zip file cannot be opened. It may have been cut short on its way: fetch it again.');
    }

    /**
     * @template Result
     *
     * @param  callable(ZipArchive): Result  $work
     * @return Result|null nothing when the file is no zip
     */
    private static function opened(string $path, callable $work): mixed
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            return null;
        }
        try {
            return $work($zip);
        } finally {
            $zip->close();
        }
    }

    /** @return list<string> names of entries that seem to be pictures, in their natural order */
    private static function pictures(ZipArchive $zip): array
    {
        $names = [];
        for ($index = 0; $index < min($zip->numFiles, self::MOST_ENTRIES); $index++) {
            $name = (string) $zip->getNameIndex($index);
            // What a computer puts beside the files it packs is none of them.
            if (preg_match('~\.(?:png|jpe?g|webp|svg)$~i', $name) === 1 && preg_match('~(?:^|/)(?:\.|__MACOSX/)~', $name) !== 1) {
                $names[] = $name;
            }
        }
        natcasesort($names);

        return array_values($names);
    }

    private static function lesson(ZipArchive $zip, string $name): ImportedLesson
    {
        $names = self::pictures($zip);
        if (count($names) > self::MOST_PICTURES) {
            throw new DomainException(
                'This zip file holds '.count($names).' pictures. Put at most '.self::MOST_PICTURES.' into one lesson.',
            );
        }
        $slides = $media = $pictures = $findings = [];
        $total = 0;
        foreach ($names as $entry) {
            try {
                $file = self::picture($zip, $entry);
            } catch (DomainException $trouble) {
                $findings[] = '“'.basename($entry)."” was left out. {$trouble->getMessage()}";

                continue;
            }
            $total += (int) filesize($file->path);
            if ($total > self::MOST_BYTES) {
                throw new DomainException(
                    'These pictures are more than '
                        .intdiv(self::MOST_BYTES, 1_000_000)
                        .' MB together. Make them smaller, or bring them in as several lessons.',
                );
            }
            $id = self::id('picture');
            $media[$id] = $file->medium(basename($entry));
            $pictures[] = $file;
            $slides[] = self::slide($id, pathinfo($entry, PATHINFO_FILENAME));
        }
        if ($slides === []) {
            throw new DomainException(implode(' ', array_slice($findings, 0, 3)));
        }

        return new ImportedLesson(self::document($name, $slides, $media), $pictures, [], $findings);
    }

    /** @throws DomainException when it cannot be shown */
    private static function picture(ZipArchive $zip, string $entry): CheckedFile
    {
        $most = PictureKind::largest();
        if (($zip->statName($entry)['size'] ?? 0) > $most) {
            throw new DomainException('It is larger than 8 MB. Make it smaller and pack it again.');
        }
        $path = ZipEntry::unpack($zip, $entry, $most) ?? throw new DomainException('It is empty or damaged. Pack it again.');
        if (! PictureKind::recognises($path)) {
            throw new DomainException('It is not a picture that can be shown. '.PictureKind::choice());
        }

        return PictureKind::written($path);
    }

    /**
     * @param  list<array<string, mixed>>  $slides
     * @param  array<string, array<string, mixed>>  $media
     */
    private static function document(string $name, array $slides, array $media): LessonDocument
    {
        $document = BlankLesson::document(['title' => self::title(pathinfo($name, PATHINFO_FILENAME)) ?: 'Pictures'])->jsonSerialize();
        $document->media = (object) $media;
        foreach ($document->parts as $part) {
            if ($part->kind === PartKind::Explain->value) {
                $part->slides = $slides;
            }
        }

        return LessonDocument::from($document);
    }

    /** @return array<string, mixed> */
    private static function slide(string $picture, string $name): array
    {
        $step = self::id('step');

        return [
            'id' => self::id('slide'),
            'title' => self::title($name),
            'side' => false,
            'arrangement' => 'whole',
            'aims' => [],
            'steps' => [['id' => $step, 'script' => '', 'pause' => 0]],
            'blocks' => [[
                'id' => self::id('block'),
                'kind' => 'picture',
                'region' => 'main',
                'step' => $step,
                'reveals' => (object) [],
                'content' => ['medium' => $picture, 'caption' => ''],
            ]],
        ];
    }

    /** “03_the-long_shadow” is called “The long shadow”. */
    private static function title(string $name): string
    {
        $words = trim((string) preg_replace(['/^[\d\s._-]+(?=\p{L})/u', '/[\s._-]+/u'], ['', ' '], mb_scrub($name)));

        return mb_substr(mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1), 0, 180);
    }

    private static function id(string $kind): string
    {
        return $kind.'-'.Str::lower(Str::random(8));
    }
}
