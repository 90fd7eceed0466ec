<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Models\Release;
use Closure;
use Illuminate\Support\Facades\Storage;

/** Files of shared versions, each named by the hash of all that it is made from: what did not change is made once and shared. */
final class ReleaseParts
{
    /** Changes with the way in which parts are made. */
    private const EDITION = 1;

    /**
     * @param  string  $name such as “sound.webm”
     * @param  array<mixed>  $madeFrom everything that the file depends on
     * @param  Closure(): string  $make gives a temporary file
     * @return string the path under which it is kept
     */
    public static function once(string $name, array $madeFrom, Closure $make): string
    {
        $hash = hash('sha256', json_encode([self::EDITION, $name, $madeFrom], JSON_THROW_ON_ERROR));
        $path = 'parts/'.substr($hash, 0, 2)."/{$hash}.".pathinfo($name, PATHINFO_EXTENSION);
        if (! Storage::exists($path)) {
            Files::keep($make(), $path);
        }

        return $path;
    }

    /**
     * Takes away those that no version has any more.
     *
     * @param  list<string>  $paths
     */
    public static function forgetUnused(array $paths): void
    {
        foreach ($paths as $path) {
            if (! Release::query()->where('parts', 'like', '%'.basename($path).'%')->exists()) {
                Storage::delete($path);
            }
        }
    }
}
