<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Format\IncomingJson;
use DomainException;
use Illuminate\Console\Command;

/** Reads JSON from standard input and writes JSON to standard output, for checking from outside; trouble is a sentence under “error”. */
abstract class JsonCommand extends Command
{
    public function handle(): int
    {
        try {
            $asked = IncomingJson::arrays(IncomingJson::decode((string) stream_get_contents(STDIN)));
            $answer = $this->answer(is_array($asked) ? $asked : throw new DomainException('Give one JSON object.'));
        } catch (DomainException $error) {
            $answer = ['error' => $error->getMessage()] + $this->about($error);
        }
        $this->output->writeln(json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

        return isset($answer['error']) ? self::FAILURE : self::SUCCESS;
    }

    /**
     * @param  array<mixed>  $asked
     * @return array<string, mixed>
     *
     * @throws DomainException
     */
    abstract protected function answer(array $asked): array;

    /** @return array<string, mixed> what more can be said of the trouble */
    protected function about(DomainException $error): array
    {
        return [];
    }
}
