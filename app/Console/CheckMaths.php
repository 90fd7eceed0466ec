<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use DomainException;

/** The equality checker from the shell. */
class CheckMaths extends JsonCommand
{
    protected $signature = 'maths:check';

    protected $description = 'Read {"text": "…"} from standard input and write every equality found in it as JSON';

    protected function answer(array $asked): array
    {
        $text = $asked['text'] ?? null;
        if (! is_string($text)) {
            throw new DomainException('Give an object with a text: {"text": "14 × 30 = 450"}');
        }

        return ['equalities' => array_map(
            static fn (Equality $equality): array => get_object_vars($equality),
            EqualityChecker::check($text),
        )];
    }
}
