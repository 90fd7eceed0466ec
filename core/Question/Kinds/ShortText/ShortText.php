<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\ShortText;

use Daybright\Question\ModelAnswer;

/** A few words or sentences, marked by the teacher. */
final readonly class ShortText extends ModelAnswer
{
    public static function name(): string
    {
        return 'text';
    }

    public function readable(string $given): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $given));
    }
}
