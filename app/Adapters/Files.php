<?php

declare(strict_types=1);

namespace App\Adapters;

use Closure;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The files of lessons, on whatever disk the school keeps them, and as paths for programs that need one. */
final class Files
{
    /** @var array<string, string> */
    private static array $copies = [];

    /** @var list<list<string>> temporary files made since each piece of work now under way began, the innermost last */
    private static array $open = [];

    /** @return int bytes; 0 for a file that is gone, so that a room can still be shown */
    public static function size(string $path): int
    {
        return Storage::exists($path) ? Storage::size($path) : 0;
    }

    /**
     * The local path of a file that is asked for by somebody.
     *
     * @throws NotFoundHttpException when it is gone
     */
    public static function found(string $path): string
    {
        return Storage::exists($path) ? self::local($path) : throw new NotFoundHttpException("“{$path}” is gone.");
    }

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
        $stream = self::opened($temporary, 'rb');
        try {
            Storage::disk() instanceof LocalFilesystemAdapter
                ? self::writeSafely($stream, Storage::disk()->path($path))
                : Storage::writeStream($path, $stream);
        } finally {
            fclose($stream);
        }
        unlink($temporary);
    }

    /** What was written is on the disk when this returns, and not only on its way there. */
    public static function write(string $path, string $bytes): void
    {
        $stream = self::inMemory($bytes);
        Storage::disk() instanceof LocalFilesystemAdapter
            ? self::writeSafely($stream, Storage::disk()->path($path))
            : Storage::put($path, $bytes);
        fclose($stream);
    }

    /**
     * @return resource
     *
     * @throws DiskTrouble
     */
    public static function opened(string $path, string $mode)
    {
        return @fopen($path, $mode) ?: throw DiskTrouble::cannotWrite($path);
    }

    /** @return resource to be read from its beginning */
    public static function inMemory(string $bytes)
    {
        $stream = self::opened('php://memory', 'w+b');
        fwrite($stream, $bytes);
        rewind($stream);

        return $stream;
    }

    /**
     * Under another name first, synced, then renamed; the folder is synced too, or the name could be lost.
     *
     * @param  resource  $source
     */
    private static function writeSafely($source, string $path): void
    {
        $folder = dirname($path);
        (new Filesystem)->ensureDirectoryExists($folder, 0750);
        $part = $path.'.'.bin2hex(random_bytes(4)).'.part';
        $target = self::opened($part, 'xb');
        try {
            $whole = @stream_copy_to_stream($source, $target);
            if ($whole !== (fstat($source)['size'] ?? null) || ! @fflush($target) || ! @fsync($target)) {
                throw DiskTrouble::cannotWrite($path);
            }
        } catch (DiskTrouble $trouble) {
            @unlink($part);
            throw $trouble;
        } finally {
            fclose($target);
        }
        rename($part, $path);
        $names = @fopen($folder, 'rb');
        if ($names !== false) {
            @fsync($names);
            fclose($names);
        }
    }

    public static function temporary(string $extension): string
    {
        $folder = self::workFolder();
        if (! is_dir($folder)) {
            @mkdir($folder, 0700, true);
        }
        $path = $folder.'/'.bin2hex(random_bytes(12)).($extension === '' ? '' : '.'.$extension);
        if (self::$open !== []) {
            self::$open[array_key_last(self::$open)][] = $path;
        }

        return $path;
    }

    /**
     * @return string path of a temporary file that holds these bytes
     *
     * @throws DiskTrouble
     */
    public static function temporaryWith(string $bytes, string $extension): string
    {
        $path = self::temporary($extension);
        if (@file_put_contents($path, $bytes) !== strlen($bytes)) {
            throw DiskTrouble::cannotWrite($path);
        }

        return $path;
    }

    /**
     * Whatever temporary files some work makes are gone when it ends, whole or broken. Those whose paths it returns stay.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function tidily(Closure $work): mixed
    {
        self::$open[] = [];
        $stay = [];
        try {
            $result = $work();
            $stay = array_filter(Arr::flatten([$result]), is_string(...));

            return $result;
        } finally {
            $made = array_pop(self::$open) ?? [];
            (new Filesystem)->delete(array_filter(array_diff($made, $stay), is_file(...)));
            array_map((new Filesystem)->deleteDirectory(...), array_filter(array_diff($made, $stay), is_dir(...)));
            if (self::$open !== []) {
                array_push(self::$open[array_key_last(self::$open)], ...array_intersect($made, $stay));
            }
        }
    }

    /** Unfinished files, which a killed program leaves behind. */
    public static function workFolder(): string
    {
        return (string) config('daybright.work_folder');
    }
}
