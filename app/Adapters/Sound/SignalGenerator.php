<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Program;
use App\Adapters\ProgramFailed;

/** Makes sounds that are known exactly, to measure and to try things with. */
final class SignalGenerator
{
    /** Samples of 16 bits, as takes are kept. */
    public const AS_TAKES = ['-ac', '1', '-sample_fmt', 's16'];

    /**
     * @param  string  $signal one of ffmpeg's sources, such as “sine=frequency=440:duration=3”
     * @param  string  $file whose ending says in which format it is written
     * @param  list<string>  $format further options of the encoder
     *
     * @throws ProgramFailed
     */
    public static function write(string $signal, string $file, array $format = []): void
    {
        Program::run('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', $signal, ...$format, $file]);
    }
}
