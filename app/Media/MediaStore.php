<?php

declare(strict_types=1);

namespace App\Media;

use App\Adapters\Files;
use App\Models\MediaFile;
use App\Models\User;
use Daybright\Lesson\Media\Medium;
use DomainException;
use Illuminate\Support\Facades\Storage;

/** Keeps the files of media: each once, named by its bytes. */
final class MediaStore
{
    /**
     * @param  string  $path of a file that a teacher chose
     * @return array<string, mixed> a medium for the lesson document
     *
     * @throws DomainException when it cannot be shown
     */
    public function bringIn(User $teacher, string $path, string $name): array
    {
        return Files::tidily(function () use ($teacher, $path, $name): array {
            $file = MediaKinds::ofFile($path)::written($path);
            $this->keep($teacher, $file);

            return $file->medium($name);
        });
    }

    public function keep(User $teacher, CheckedFile $file): void
    {
        $place = MediaFile::path($file->type, $file->sha256);
        if (! Storage::exists($place)) {
            Files::keep($file->path, $place);
        }
        MediaFile::query()->firstOrCreate(
            ['user_id' => $teacher->id, 'sha256' => $file->sha256],
            ['type' => $file->type, 'bytes' => Files::size($place)],
        );
    }

    /**
     * A lesson may only show files that its teacher brought in: a hash copied from elsewhere opens nothing.
     *
     * @param  array<Medium>  $media
     *
     * @throws DomainException
     */
    public static function refuseForeign(string $teacher, array $media): void
    {
        $wanted = array_values(array_unique(array_map(static fn (Medium $medium): string => $medium->sha256, $media)));
        if ($wanted === []) {
            return;
        }
        if (MediaFile::query()->where('user_id', $teacher)->whereIn('sha256', $wanted)->count() !== count($wanted)) {
            throw new DomainException('One of the files is not on this server. Choose the picture again.');
        }
    }
}
