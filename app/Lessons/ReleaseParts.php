<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Models\Release;
use Closure;
use Illuminate\Support\Facades\Storage;

/**
 * Files of shared versions of a lesson, each named by the hash of all that it is made from: what did not change is made once, before
 * it is asked for where there is time, and shared by versions.
 */
final class ReleaseParts
{
    /** Changes with the way in which parts are made. */
    private const EDITION = 2;

    /** Made anew whenever a video is wanted and they are gone, and therefore in no backup. */
    public const SEGMENTS = 'segments';

    private const PARTS = 'parts';

    /**
     * @param  string  $name such as “sound.webm”
     * @param  array<mixed>  $madeFrom everything that the file depends on
     * @param  Closure(): string  $make gives a temporary file
     * @return string the path under which it is kept
     */
    public static function once(string $lesson, string $name, array $madeFrom, Closure $make): string
    {
        return self::kept(self::path(self::PARTS, $lesson, $name, $madeFrom), $make);
    }

    /** @param  array<mixed>  $madeFrom everything that a piece of a video depends on */
    public static function segment(string $lesson, string $name, array $madeFrom): string
    {
        return self::path(self::SEGMENTS, $lesson, $name, $madeFrom);
    }

    /** @param  Closure(): string  $make gives a temporary file */
    public static function kept(string $path, Closure $make): string
    {
        if (! Storage::exists($path)) {
            Files::keep($make(), $path);
        }

        return $path;
    }

    /** Takes away all that is kept of a lesson that is gone. */
    public static function forget(string $lesson): void
    {
        Storage::deleteDirectory(self::PARTS."/{$lesson}");
        Storage::deleteDirectory(self::SEGMENTS."/{$lesson}");
    }

    /**
     * Takes away those of before that no version has any more.
     *
     * @param  list<string>  $paths
     */
    public static function forgetUnused(array $paths): void
    {
        foreach ($paths as $path) {
            if (! self::isUsed($path)) {
                Storage::delete($path);
            }
        }
    }

    /** Takes away what was made long ago and no version has: it may have been made for one that was never shared. */
    public static function tidy(int $days): void
    {
        foreach ([...Storage::allFiles(self::SEGMENTS), ...Storage::allFiles(self::PARTS)] as $path) {
            $isOld = Storage::lastModified($path) < now()->subDays($days)->getTimestamp();
            if ($isOld && (str_starts_with($path, self::SEGMENTS) || ! self::isUsed($path))) {
                Storage::delete($path);
            }
        }
    }

    private static function isUsed(string $path): bool
    {
        return Release::query()->where('parts', 'like', '%'.basename($path).'%')->exists();
    }

    /** @param  array<mixed>  $madeFrom */
    private static function path(string $folder, string $lesson, string $name, array $madeFrom): string
    {
        $hash = hash('sha256', json_encode([self::EDITION, $name, $madeFrom], JSON_THROW_ON_ERROR));

        return "{$folder}/{$lesson}/{$hash}.".pathinfo($name, PATHINFO_EXTENSION);
    }
}
