<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Plan;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\ReadByTeacher;

/** Fill in a planning frame; the teacher marks it. */
final readonly class Plan implements QuestionKind, ReadByTeacher
{
    /** @param  list<Box>  $boxes */
    private function __construct(private array $boxes)
    {
    }

    public static function name(): string
    {
        return 'plan';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Box::from(...), $content->list('boxes')));
    }

    public function answer(): string
    {
        $filled = array_filter($this->boxes, static fn (Box $box): bool => trim($box->model) !== '');

        return implode(' ', array_map(static fn (Box $box): string => $box->name.': '.$box->model, $filled));
    }

    public function asked(): array
    {
        return ['boxes' => array_map(
            static fn (Box $box): array => ['id' => $box->id, 'text' => $box->name, 'purpose' => $box->purpose, 'starter' => $box->starter],
            $this->boxes,
        )];
    }

    public function shown(): array
    {
        return array_map(static fn (Box $box): string => '- *'.$box->name.'* '.$box->purpose, $this->boxes);
    }

    public function mark(string $given, int $marks): Marking
    {
        $written = GivenAnswer::map($given);
        foreach ($this->boxes as $box) {
            if (($written[$box->id] ?? '') === '') {
                throw InvalidAnswer::emptyBox($box->name);
            }
        }

        return Marking::forTheTeacher($marks);
    }

    public function readable(string $given): string
    {
        try {
            $written = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return implode(' ', array_map(static fn (Box $box): string => $box->name.': '.($written[$box->id] ?? '–'), $this->boxes));
    }

    public function unfinished(): ?string
    {
        return match (true) {
            count($this->boxes) < 2 => 'This plan needs at least two boxes.',
            $this->answer() === '' => 'This plan has no model yet. Write what a good plan would say.',
            default => null,
        };
    }

    public function inWords(Closure $plain): self
    {
        return new self(array_map(static fn (Box $box): Box => $box->inWords($plain), $this->boxes));
    }
}
