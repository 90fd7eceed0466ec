<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Lesson;
use DomainException;
use Illuminate\Console\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command about a lesson: what cannot be done is said in a sentence. */
abstract class LessonCommand extends Command
{
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::execute($input, $output);
        } catch (DomainException $error) {
            $this->printError($error->getMessage());

            return self::FAILURE;
        }
    }

    protected function printError(string $sentence): void
    {
        $this->error($sentence);
    }

    /** The lesson with an id or, if only one has it, a title. */
    protected function lesson(string $name): Lesson
    {
        $found = Lesson::query()->whereKey($name)->orWhere('title', $name)->get();

        return match ($found->count()) {
            1 => $found->firstOrFail(),
            0 => throw new DomainException("There is no lesson with the id or title “{$name}”."),
            default => throw new DomainException("Several lessons are called “{$name}”. Give the id: ".$found->pluck('id')->implode(', ')),
        };
    }
}
