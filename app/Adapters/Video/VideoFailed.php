<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use RuntimeException;

/** A video that could not be made. */
final class VideoFailed extends RuntimeException
{
    /** @param  string  $said the end of what the program said about it */
    public static function because(string $sentence, string $said = ''): self
    {
        return new self($sentence.($said === '' ? '.' : ': '.substr($said, -2000)));
    }

    public static function countDiffers(string $what, int|float $computed, int|float $made): self
    {
        return new self(
            "The video was made with {$made} {$what} where {$computed} were computed, so pictures and words could run apart. It was not kept.",
        );
    }
}
