<?php

declare(strict_types=1);

namespace App\School;

use App\Adapters\Files;
use App\Lessons\ReleaseParts;
use DomainException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PDO;

/**
 * A copy of everything a school keeps, made while people work.
 *
 * The database first, by its own means and at one moment; then the files, which are written before the rows that name them.
 */
final class Backup
{
    public const DATABASE = 'database.sqlite';

    public const FILES = 'files';

    public const MANIFEST = 'manifest.json';

    /**
     * @param  string  $folder a new folder, which is there when the copy is whole and not before
     * @return array{files: int, bytes: int}
     *
     * @throws DomainException
     */
    public function make(string $folder): array
    {
        if (DB::connection()->getDriverName() !== 'sqlite') {
            throw new DomainException(
                'This school’s database is not SQLite. Copy it by its own means (pg_dump), and the folder of files beside it.',
            );
        }
        if (file_exists($folder)) {
            throw new DomainException(
                "“{$folder}” is there already. Name a folder that is not, so that an older backup is never written over.",
            );
        }
        $unfinished = $folder.'.part';
        (new Filesystem)->deleteDirectory($unfinished);
        (new Filesystem)->makeDirectory($unfinished.'/'.self::FILES, 0700, true);
        try {
            DB::statement('VACUUM INTO ?', [$unfinished.'/'.self::DATABASE]);
            $hashes = $this->copyFiles($unfinished);
            $this->write($unfinished, $hashes);
            $missing = Verification::verify($unfinished)->missing();
            // What was thrown away between the two is missing rightly.
            $missing = array_values(array_filter($missing, static fn (string $path): bool => Storage::exists($path)));
            if ($missing !== []) {
                throw new DomainException('The copy lacks '.count($missing).' files, “'.$missing[0].'” among them. Make it again.');
            }
            rename($unfinished, $folder);
        } finally {
            (new Filesystem)->deleteDirectory($unfinished);
        }

        return [
            'files' => count($hashes),
            'bytes' => array_sum(array_map(
                static fn (string $path): int => (int) filesize($folder.'/'.self::FILES.'/'.$path),
                array_keys($hashes),
            )),
        ];
    }

    /** @return array<string, string> sha256 by path */
    private function copyFiles(string $folder): array
    {
        $hashes = [];
        foreach (Storage::allFiles() as $path) {
            if (str_starts_with($path, ReleaseParts::SEGMENTS.'/')) {
                continue;
            }
            if (str_ends_with($path, '.part') || str_starts_with($path, 'up/') || ! Storage::exists($path)) {
                continue;
            }
            $target = $folder.'/'.self::FILES.'/'.$path;
            (new Filesystem)->ensureDirectoryExists(dirname($target), 0700);
            if (@copy(Files::local($path), $target)) {
                $hashes[$path] = (string) hash_file('sha256', $target);
            }
        }

        return $hashes;
    }

    /** @param  array<string, string>  $hashes */
    private function write(string $folder, array $hashes): void
    {
        $check = new PDO('sqlite:'.$folder.'/'.self::DATABASE);
        $answer = $check->query('PRAGMA integrity_check');
        if ($answer === false || $answer->fetchColumn() !== 'ok') {
            throw new DomainException('The copy of the database is not whole. Check the disk, and make it again.');
        }
        file_put_contents($folder.'/'.self::MANIFEST, json_encode([
            'format' => 'daybright-backup',
            'version' => 1,
            'made' => now()->toIso8601String(),
            'database' => hash_file('sha256', $folder.'/'.self::DATABASE),
            'files' => $hashes ?: new \stdClass,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
    }
}
