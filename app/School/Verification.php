<?php

declare(strict_types=1);

namespace App\School;

use App\Models\MediaFile;
use DomainException;
use PDO;

/** Looks whether a backup is whole: every byte as it was copied, and every file that the database names. */
final readonly class Verification
{
    private function __construct(private string $folder, private PDO $database)
    {
    }

    /** @throws DomainException when a byte is not as it was copied */
    public static function verify(string $folder): self
    {
        $manifest = json_decode((string) @file_get_contents($folder.'/'.Backup::MANIFEST), true);
        if (! is_array($manifest) || ($manifest['format'] ?? null) !== 'daybright-backup' || ! is_array($manifest['files'] ?? null)) {
            throw new DomainException("“{$folder}” holds no backup. Give the folder that school:backup made.");
        }
        self::refuseOther($folder.'/'.Backup::DATABASE, $manifest['database']);
        foreach ($manifest['files'] as $path => $hash) {
            self::refuseOther($folder.'/'.Backup::FILES.'/'.$path, $hash);
        }

        return new self($folder, new PDO('sqlite:'.$folder.'/'.Backup::DATABASE));
    }

    /** @return list<string> files that the database names and the backup lacks */
    public function missing(): array
    {
        $named = [
            ...$this->mediaFiles(),
            ...array_map(
                static fn (string $id): string => "takes/{$id}/sound.flac",
                $this->column("SELECT id FROM takes WHERE state = 'ready'"),
            ),
            ...$this->releaseFiles(),
            ...array_map(
                static fn (string $piece): string => 'takes/'.$piece,
                $this->column("SELECT take_id || '/pieces/' || printf('%06d', number) FROM pieces"),
            ),
        ];

        return array_values(array_filter($named, fn (string $path): bool => ! is_file($this->folder.'/'.Backup::FILES.'/'.$path)));
    }

    /** @return list<string> */
    private function mediaFiles(): array
    {
        // A backup may be older than the program that reads it: the table was called otherwise once.
        $table = $this->column("SELECT name FROM sqlite_master WHERE name IN ('media_files', 'pictures')")[0];

        return array_map(
            static fn (string $file): string => MediaFile::path(...explode(' ', $file)),
            $this->column("SELECT type || ' ' || sha256 FROM {$table}"),
        );
    }

    /** @return list<string> */
    private function releaseFiles(): array
    {
        // Versions of older backups have no parts that they share.
        $parts = in_array('parts', $this->column("SELECT name FROM pragma_table_info('releases')"), true) ? 'parts' : 'NULL';
        $files = array_map(
            static fn (string $id): array => ["releases/{$id}/sound.webm"],
            $this->column("SELECT id FROM releases WHERE state = 'ready' AND {$parts} IS NULL"),
        );
        $shared = array_map(
            static fn (string $parts): array => array_values((array) json_decode($parts, true)),
            $this->column("SELECT {$parts} FROM releases WHERE state = 'ready' AND {$parts} IS NOT NULL"),
        );

        return array_merge(...$files, ...$shared);
    }

    /** @return list<string> */
    private function column(string $sql): array
    {
        $rows = $this->database->query($sql);

        return $rows === false ? [] : array_values($rows->fetchAll(PDO::FETCH_COLUMN));
    }

    private static function refuseOther(string $path, mixed $hash): void
    {
        if (! is_file($path) || hash_file('sha256', $path) !== $hash) {
            throw new DomainException("“{$path}” is missing or not as it was copied. Use another backup.");
        }
    }
}
