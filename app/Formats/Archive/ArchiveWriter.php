<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Adapters\Files;
use App\Formats\FilePurpose;
use App\Formats\LessonWriter;
use App\Formats\WrittenFormat;
use App\Media\MediaKinds;
use App\Models\Lesson;
use App\Models\MediaFile;
use App\Models\Take;
use App\Models\TakeState;
use Closure;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Storage;
use ZipArchive;

/** The lesson as it is now, in one file that can be brought in again. See docs/formats/archive.md. */
final class ArchiveWriter implements LessonWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'archive',
            label: 'Lesson file',
            about: 'The lesson, its pictures and its takes, to keep or to give to a colleague',
            purpose: FilePurpose::PassOn,
            mediaType: 'application/zip',
            ending: '.daybright.zip',
        );
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return null;
    }

    /** What is stored as it is. */
    public function size(Lesson $lesson): int
    {
        $takes = self::takes($lesson)->map(static fn (Take $take): string => $take->path('sound.flac'));

        return (int) array_sum(array_map(Files::size(...), [...$takes->all(), ...self::media($lesson)]));
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        return Files::tidily(fn (): string => $this->written($lesson));
    }

    private function written(Lesson $lesson): string
    {
        $path = Files::temporary('zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL);
        $zip->addFromString('lesson.json', (string) $lesson->document());
        foreach (self::media($lesson) as $name => $stored) {
            $zip->addFile(
                self::there($stored, 'One of its pictures is missing on the server. Choose the picture again in the Storyboard.'),
                $name,
            );
        }
        foreach (self::takes($lesson)->values() as $index => $take) {
            $folder = 'takes/'.($index + 1).'/';
            $zip->addFromString(
                $folder.'take.json',
                self::json($take->only([
                    'slide', 'source', 'chosen', 'length', 'loudness', 'events', 'cuts', 'waveform', 'wordings', 'kept', 'moved', 'cleaned',
                ])),
            );
            $title = $lesson->read()->slide($take->slide)?->title ?: 'a slide without a title';
            $zip->addFile(
                self::there(
                    $take->path('sound.flac'),
                    "The sound of a take of “{$title}” is missing on the server. Delete that take in Edit, or restore it from a backup.",
                ),
                $folder.'sound.flac',
            );
            $zip->setCompressionName($folder.'sound.flac', ZipArchive::CM_STORE);
        }
        if (! $zip->close()) {
            throw new DomainException('The archive could not be written. Check that the disk has room.');
        }

        return $path;
    }

    /** @return array<string, string> paths in storage, by name in the archive */
    private static function media(Lesson $lesson): array
    {
        $paths = [];
        foreach ($lesson->read()->media as $medium) {
            $paths[MediaKinds::ofType($medium->type)::folder().'/'.$medium->sha256] = MediaFile::path($medium->type, $medium->sha256);
        }

        return $paths;
    }

    /** @return Collection<int, Take> those that are ready, the oldest first */
    private static function takes(Lesson $lesson): Collection
    {
        return $lesson->takes()->where('state', TakeState::Ready)->orderBy('created_at')->orderBy('id')->get();
    }

    private static function there(string $path, string $otherwise): string
    {
        return Storage::exists($path) ? Files::local($path) : throw new DomainException($otherwise);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
