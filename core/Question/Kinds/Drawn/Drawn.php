<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Drawn;

use Daybright\Question\GivenAsFile;
use Daybright\Question\ModelAnswer;

/** Drawn on a sheet, or a photo of work on paper, and seen by the teacher. */
final readonly class Drawn extends ModelAnswer implements GivenAsFile
{
    public static function name(): string
    {
        return 'drawn';
    }

    public function file(): string
    {
        return self::PICTURE;
    }

    public function asked(): array
    {
        return ['file' => $this->file()];
    }

    public function readable(string $given): string
    {
        return 'a picture';
    }
}
