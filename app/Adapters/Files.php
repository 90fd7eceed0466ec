<?php

namespace App\Adapters;

use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\Storage;

/** The files of lessons, on whatever disk the school keeps them, and as paths for programs that need one. */
final class Files
{
    /** @var array<string, string> */
    private static array $copies = [];

    /** A path that programs can read; on a distant disk the file is copied here first. */
    public static function local(string $path): string
    {
        $disk = Storage::disk();
        if ($disk instanceof LocalFilesystemAdapter) {
            return $disk->path($path);
        }
        $copy = self::$copies[$path] ?? self::temporary(pathinfo($path, PATHINFO_EXTENSION));
        if (! isset(self::$copies[$path])) {
            file_put_contents($copy, $disk->readStream($path));
            self::$copies[$path] = $copy;
        }

        return $copy;
    }

    /** Puts a finished file in its place; a half-written one is never seen under its name. */
    public static function keep(string $temporary, string $path): void
    {
        $stream = fopen($temporary, 'rb');
        Storage::writeStream($path.'.part', $stream);
        fclose($stream);
        Storage::delete($path);
        Storage::move($path.'.part', $path);
        unlink($temporary);
    }

    public static function temporary(string $extension): string
    {
        $folder = self::workFolder();
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }

        return $folder.'/'.bin2hex(random_bytes(12)).($extension === '' ? '' : '.'.$extension);
    }

    /** Unfinished files, which a killed program leaves behind. */
    public static function workFolder(): string
    {
        return storage_path('framework/cache/work');
    }
}
