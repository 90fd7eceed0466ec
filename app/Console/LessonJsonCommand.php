<?php

declare(strict_types=1);

namespace App\Console;

use App\Lessons\LessonDocument;
use Daybright\Format\IncomingJson;
use DomainException;
use stdClass;

/** A command about a lesson of this place, or about a document from standard input; it writes JSON, trouble too. */
abstract class LessonJsonCommand extends LessonCommand
{
    protected function printError(string $sentence): void
    {
        $this->output->writeln((string) json_encode(['error' => $sentence], JSON_UNESCAPED_UNICODE));
    }

    /** @throws DomainException when it is no lesson document */
    protected static function fromInput(): LessonDocument
    {
        $value = IncomingJson::decode((string) stream_get_contents(STDIN));

        return $value instanceof stdClass
            ? LessonDocument::from($value)
            : throw new DomainException('What was read is not a lesson document.');
    }
}
