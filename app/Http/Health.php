<?php

declare(strict_types=1);

namespace App\Http;

use App\Adapters\Files;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\ExecutableFinder;
use Throwable;

/** What the machine reports of itself at /up: enough to see what is wrong, nothing about anybody. */
final class Health
{
    /** Bytes below which the disk counts as full. */
    private const LEAST_ROOM = 50 * 1024 * 1024;

    /** Seconds that the oldest waiting job may have waited. */
    private const LONGEST_WAIT = 900;

    private const PROGRAMS = ['ffmpeg', 'ffprobe', 'rsvg', 'espeak', 'node'];

    /** @return array<string, bool|int|null> */
    public static function now(): array
    {
        $database = self::database();
        $waiting = $database ? self::waited() : null;
        $seen = [
            'disk' => self::disk(),
            'database' => $database,
            'queue' => $waiting !== null && $waiting <= self::LONGEST_WAIT,
            'formulas' => self::formulas(),
            ...array_combine(self::PROGRAMS, array_map(self::program(...), self::PROGRAMS)),
        ];

        return ['ok' => ! in_array(false, $seen, true), ...$seen, 'queueSeconds' => $waiting];
    }

    private static function disk(): bool
    {
        $path = 'up/'.bin2hex(random_bytes(8));
        try {
            $isLocal = config('filesystems.disks.'.config('filesystems.default').'.driver') === 'local';
            $folder = (string) config('filesystems.disks.local.root');
            if ($isLocal && is_dir($folder) && (float) disk_free_space($folder) < self::LEAST_ROOM) {
                return false;
            }
            Files::write($path, 'up');
            Storage::delete($path);
        } catch (Throwable) {
            return false;
        }

        return true;
    }

    private static function database(): bool
    {
        try {
            DB::table('users')->exists();

            return true;
        } catch (Throwable) {
            return false;
        }
    }

    /** @return int seconds that the oldest job that no worker has taken has waited */
    private static function waited(): int
    {
        $queue = config('queue.connections.database');
        if (config('queue.default') !== 'database') {
            return 0;
        }
        $oldest = DB::connection($queue['connection'])->table($queue['table'])
            ->whereNull('reserved_at')
            ->where('queue', '!=', 'demo')
            ->min('available_at');

        return $oldest === null ? 0 : max(0, now()->getTimestamp() - (int) $oldest);
    }

    private static function formulas(): bool
    {
        $socket = @stream_socket_client('unix://'.config('daybright.formula_socket'), $code, $message, 1);
        if ($socket === false) {
            return false;
        }
        stream_set_timeout($socket, 2);
        fwrite($socket, "[\"x\"]\n");
        $answer = stream_get_line($socket, 100_000, "\n");
        fclose($socket);

        return is_string($answer) && str_contains($answer, 'markup');
    }

    private static function program(string $name): bool
    {
        $program = (string) config("daybright.programs.{$name}");

        return str_contains($program, '/') ? is_executable($program) : (new ExecutableFinder)->find($program) !== null;
    }
}
