<?php

declare(strict_types=1);

namespace App\Adapters\Formula;

use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use Daybright\Scene\FormulasAway;

/**
 * The program that sets formulas and makes codes to scan: a warm process, or one that is started for one answer. Each answer is kept by
 * the hash of what was asked.
 */
final class WarmSetter
{
    /** Seconds for one answer in a process of its own, which a busy computer takes long to begin. */
    private const PATIENCE = 60;

    /** Seconds in which the warm process answers. */
    private const ANSWER = 4;

    /** Seconds in which a process that did not answer is not asked again. */
    private const HANGING = 60;

    private static ?float $hungAt = null;

    /**
     * @param  string  $edition changes when the way of answering does, so that old answers are not taken for new ones
     * @return array<mixed>
     *
     * @throws FormulasAway
     */
    public static function answer(mixed $asked, string $edition): array
    {
        $request = json_encode([$asked], JSON_THROW_ON_ERROR)."\n";
        $key = hash('sha256', $edition."\n".(is_string($asked) ? $asked : $request));
        $file = storage_path('framework/cache/formulas/'.substr($key, 0, 2).'/'.$key.'.json');
        $kept = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (is_array($kept)) {
            return $kept;
        }
        try {
            $answer = self::fromServer($request) ?? Program::run('node', [base_path('formula/set.mjs')], $request, self::PATIENCE);
        } catch (ProgramFailed $failure) {
            throw $failure->isAway ? FormulasAway::because($failure) : $failure;
        }
        $fresh = json_decode($answer, true, 32, JSON_THROW_ON_ERROR)[0];
        if (! is_dir(dirname($file))) {
            @mkdir(dirname($file), 0755, true);
        }
        file_put_contents($file.'.'.getmypid(), json_encode($fresh, JSON_THROW_ON_ERROR));
        rename($file.'.'.getmypid(), $file);

        return $fresh;
    }

    private static function fromServer(string $request): ?string
    {
        $path = (string) config('daybright.formula_socket');
        $isHanging = self::$hungAt !== null && microtime(true) - self::$hungAt < self::HANGING;
        $socket = ! $isHanging && file_exists($path) ? @stream_socket_client('unix://'.$path, $code, $message, 1) : false;
        if ($socket === false) {
            return null;
        }
        stream_set_timeout($socket, self::ANSWER);
        fwrite($socket, $request);
        $answer = stream_get_line($socket, 4_000_000, "\n");
        self::$hungAt = stream_get_meta_data($socket)['timed_out'] ? microtime(true) : null;
        fclose($socket);

        return $answer === false || $answer === '' ? null : $answer;
    }
}
