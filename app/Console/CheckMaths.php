<?php

namespace App\Console;

use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use Illuminate\Console\Command;

/** The equality checker from the shell. */
class CheckMaths extends Command
{
    protected $signature = 'maths:check';

    protected $description = 'Read {"text": "…"} from standard input and write every equality found in it as JSON';

    public function handle(): int
    {
        $given = json_decode((string) stream_get_contents(STDIN), true);
        if (! is_array($given) || ! is_string($given['text'] ?? null)) {
            $this->output->writeln('{"error":"Give an object with a text: {\"text\": \"14 × 30 = 450\"}"}');

            return self::FAILURE;
        }
        $this->output->writeln((string) json_encode(['equalities' => array_map(static fn (Equality $equality): array => get_object_vars($equality), EqualityChecker::check($given['text']))], JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT));

        return self::SUCCESS;
    }
}
