<?php

declare(strict_types=1);

namespace Daybright\Question;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;

/** A question that only a reader can mark: a model answer, and what a mark is earned by. */
abstract readonly class ModelAnswer implements HasMarkPoints, HoldsStatements, QuestionKind, ReadByTeacher
{
    /** @param  list<Item>  $markPoints */
    final private function __construct(private string $model, private array $markPoints)
    {
    }

    public static function from(Fields $content): static
    {
        return new static($content->text('value', ''), array_map(Item::from(...), $content->list('markPoints')));
    }

    public function answer(): string
    {
        return $this->model;
    }

    public function asked(): array
    {
        return [];
    }

    public function shown(): array
    {
        return [];
    }

    public function mark(string $given, int $marks): Marking
    {
        return Marking::forTheTeacher($marks);
    }

    public function unfinished(): ?string
    {
        return trim($this->model) === '' ? 'This question has no model answer yet.' : null;
    }

    public function statements(): array
    {
        return [new Statement($this->model, 'value'), ...array_map(
            static fn (Item $point, int $number): Statement => new Statement($point->text, "markPoints/{$number}/text"),
            $this->markPoints,
            array_keys($this->markPoints),
        )];
    }

    public function markPoints(): array
    {
        return array_values(array_filter($this->markPoints, static fn (Item $point): bool => trim($point->text) !== ''));
    }

    public function inWords(Closure $plain): static
    {
        return new static($plain($this->model), array_map(static fn (Item $point): Item => $point->inWords($plain), $this->markPoints));
    }
}
