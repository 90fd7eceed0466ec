<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Spoken;

use Daybright\Question\GivenAsFile;
use Daybright\Question\ModelAnswer;

/** Said aloud into the microphone, for a minute at the most, and heard by the teacher. */
final readonly class Spoken extends ModelAnswer implements GivenAsFile
{
    public static function name(): string
    {
        return 'spoken';
    }

    public function file(): string
    {
        return self::SOUND;
    }

    public function asked(): array
    {
        return ['file' => $this->file()];
    }

    /** @param  string  $given seconds of the recording */
    public function readable(string $given): string
    {
        $seconds = max(1, (int) $given);

        return $seconds === 1 ? 'a recording of a second' : "a recording of {$seconds} seconds";
    }
}
