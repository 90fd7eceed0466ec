<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use UnexpectedValueException;

/** Frames of AAC, each with a header that tells its length (ADTS, ISO/IEC 14496-3, 1.A.2.2). */
final class AdtsFrames
{
    /** Bytes of a header that tell how long the frame is. */
    private const HEADER = 7;

    /**
     * Files that were encoded by themselves as one stream: the first frame of each holds nothing but the encoder's lead-in, and of that
     * one is needed. At the joins there has to be silence.
     *
     * @param  list<string>  $paths
     * @return string path of a temporary file
     */
    public static function joined(array $paths): string
    {
        $target = Files::temporary('aac');
        $stream = Files::opened($target, 'wb');
        foreach ($paths as $number => $path) {
            $source = Files::opened($path, 'rb');
            if ($number > 0) {
                fseek($source, self::length((string) fread($source, self::HEADER)));
            }
            stream_copy_to_stream($source, $stream);
            fclose($source);
        }
        fclose($stream);

        return $target;
    }

    /** @return int bytes of a frame, its header among them */
    private static function length(string $header): int
    {
        if (strlen($header) < self::HEADER || (ord($header[0]) !== 0xFF) || (ord($header[1]) & 0xF0) !== 0xF0) {
            throw new UnexpectedValueException('A sound that is to be joined is not AAC in ADTS.');
        }

        return ((ord($header[3]) & 0x03) << 11) | (ord($header[4]) << 3) | (ord($header[5]) >> 5);
    }
}
