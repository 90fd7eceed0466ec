<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Tasks;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Question\GivenAnswer;
use Daybright\Question\HasMarkPoints;
use Daybright\Question\HoldsStatements;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Item;
use Daybright\Question\Kinds\ShortText\ShortText;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\ReadByTeacher;

/** One of several tasks, chosen by the student, who writes what came of it; the teacher marks it. */
final readonly class Tasks implements HasMarkPoints, HoldsStatements, QuestionKind, ReadByTeacher
{
    private const FEWEST = 2;

    /**
     * @param  list<Item>  $tasks
     * @param  ShortText  $words what any of them is marked by
     */
    private function __construct(private array $tasks, private ShortText $words)
    {
    }

    public static function name(): string
    {
        return 'tasks';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Item::from(...), $content->list('tasks')), ShortText::from($content));
    }

    public function answer(): string
    {
        return $this->words->answer();
    }

    public function asked(): array
    {
        return ['tasks' => array_map(static fn (Item $task): array => $task->asked(), $this->tasks)];
    }

    public function shown(): array
    {
        return array_map(
            static fn (Item $task, int $number): string => '*'.self::called($number).':* '.$task->text,
            $this->tasks,
            array_keys($this->tasks),
        );
    }

    public function mark(string $given, int $marks): Marking
    {
        $answer = GivenAnswer::map($given);
        if ($this->number($answer) === null) {
            throw InvalidAnswer::noTask();
        }
        if (($answer['words'] ?? '') === '') {
            throw InvalidAnswer::nothingOfTask();
        }

        return Marking::forTheTeacher($marks);
    }

    public function readable(string $given): string
    {
        try {
            $answer = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }
        $number = $this->number($answer);

        return ($number === null ? '–' : self::called($number)).': '.$this->words->readable($answer['words'] ?? '');
    }

    public function unfinished(): ?string
    {
        $written = array_filter($this->tasks, static fn (Item $task): bool => trim($task->text) !== '');

        return match (true) {
            count($this->tasks) < self::FEWEST => 'Give at least two tasks to choose from.',
            count($written) < count($this->tasks) => 'One of these tasks says nothing yet.',
            default => $this->words->unfinished(),
        };
    }

    public function statements(): array
    {
        return [
            ...$this->words->statements(),
            ...array_map(
                static fn (Item $task, int $number): Statement => new Statement($task->text, "tasks/{$number}/text"),
                $this->tasks,
                array_keys($this->tasks),
            ),
        ];
    }

    public function markPoints(): array
    {
        return $this->words->markPoints();
    }

    public function inWords(Closure $plain): self
    {
        return new self(
            array_map(static fn (Item $task): Item => $task->inWords($plain), $this->tasks),
            $this->words->inWords($plain),
        );
    }

    /** @param  array<string, string>  $answer */
    private function number(array $answer): ?int
    {
        foreach ($this->tasks as $number => $task) {
            if ($task->id === ($answer['task'] ?? '')) {
                return $number;
            }
        }

        return null;
    }

    private static function called(int $number): string
    {
        return 'Task '.($number + 1);
    }
}
