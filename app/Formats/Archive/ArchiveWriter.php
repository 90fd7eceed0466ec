<?php

declare(strict_types=1);

namespace App\Formats\Archive;

use App\Adapters\Files;
use App\Formats\LessonWriter;
use App\Formats\WrittenFormat;
use App\Models\Lesson;
use App\Models\Picture;
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
        $pictures = array_map(Picture::path(...), array_unique(array_column($lesson->document()->array()['media'], 'sha256')));

        return (int) array_sum(array_map(Files::size(...), [...$takes->all(), ...array_values($pictures)]));
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
        $document = $lesson->document();
        $zip->addFromString('lesson.json', (string) $document);
        foreach (array_unique(array_column($document->array()['media'], 'sha256')) as $sha256) {
            $zip->addFile(
                self::there(
                    Picture::path($sha256),
                    'One of its pictures is missing on the server. Choose the picture again in the Storyboard.',
                ),
                'pictures/'.$sha256,
            );
        }
        foreach (self::takes($lesson)->values() as $index => $take) {
            $folder = 'takes/'.($index + 1).'/';
            $zip->addFromString(
                $folder.'take.json',
                self::json($take->only(['slide', 'source', 'chosen', 'length', 'loudness', 'events', 'cuts', 'waveform'])),
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
