<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Choice;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Question\HoldsStatements;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\OffersChoices;
use Daybright\Question\QuestionKind;
use Daybright\Question\ShowsPictures;

/** Choose one of several answers. */
final readonly class Choice implements HoldsStatements, KnowsRightAnswer, OffersChoices, QuestionKind, ShowsPictures
{
    /** @param  list<Option>  $options */
    private function __construct(private array $options)
    {
    }

    public static function name(): string
    {
        return 'choice';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Option::from(...), $content->list('choices')));
    }

    public function answer(): string
    {
        return implode(' or ', array_map($this->said(...), $this->rightChoices()));
    }

    public function rightAnswer(): string
    {
        return $this->options[$this->rightChoices()[0] ?? -1]->id ?? '';
    }

    public function asked(): array
    {
        return ['choices' => array_map(
            static fn (Option $option): array => [
                'id' => $option->id,
                'text' => $option->text,
                'picture' => $option->picture === '' ? null : $option->picture,
            ],
            $this->options,
        )];
    }

    public function shown(): array
    {
        return [];
    }

    public function choices(): array
    {
        return array_map(static fn (Option $option): string => $option->text, $this->options);
    }

    public function choicePictures(): array
    {
        return array_filter(array_map(static fn (Option $option): string => $option->picture, $this->options));
    }

    public function media(): array
    {
        return array_values($this->choicePictures());
    }

    public function rightChoices(): array
    {
        return array_keys(array_filter($this->options, static fn (Option $option): bool => $option->isRight));
    }

    /** A wrong answer to choose is meant to be wrong. */
    public function statements(): array
    {
        $right = array_filter($this->options, static fn (Option $option): bool => $option->isRight);

        return array_map(
            static fn (Option $option, int $number): Statement => new Statement($option->text, "choices/{$number}/text"),
            $right,
            array_keys($right),
        );
    }

    public function mark(string $given, int $marks): Marking
    {
        $option = $this->option($given) ?? throw InvalidAnswer::notAChoice();
        if ($option->isRight) {
            return Marking::right($marks);
        }

        return $option->slip === ''
            ? Marking::wrong($marks, 'Not yet. Look at the answer and compare.')
            : Marking::slipped($marks, $option->slip);
    }

    public function readable(string $given): string
    {
        $number = array_search($this->option($given), $this->options, true);

        return $number === false ? $given : $this->said($number);
    }

    public function unfinished(): ?string
    {
        if (count($this->options) < 2) {
            return 'This question needs at least two answers to choose from.';
        }

        return $this->rightChoices() === [] ? 'None of the answers is marked as right.' : null;
    }

    public function inWords(Closure $plain): self
    {
        return new self(array_map(static fn (Option $option): Option => $option->inWords($plain), $this->options));
    }

    /** An answer that is a picture alone is called by its letter. */
    private function said(int $number): string
    {
        return $this->options[$number]->text !== '' ? $this->options[$number]->text : chr(65 + $number);
    }

    private function option(string $id): ?Option
    {
        foreach ($this->options as $option) {
            if ($option->id === $id) {
                return $option;
            }
        }

        return null;
    }
}
