<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;

/** A question with its marks, its time, its answer and its marking. */
final readonly class Question
{
    private const LONGEST = 4000;

    private function __construct(private QuestionKind $kind, private Fields $content)
    {
    }

    public static function from(Fields $content): self
    {
        $asked = $content->text('type');
        foreach (QuestionKinds::all() as $kind) {
            if ($kind->name() === $asked) {
                return new self($kind, $content);
            }
        }
        throw InvalidLesson::unknownKind($asked, $content->at('type'));
    }

    public function type(): string
    {
        return $this->kind->name();
    }

    public function prompt(): string
    {
        return $this->content->text('prompt', '');
    }

    public function marks(): int
    {
        return $this->content->whole('marks', 1);
    }

    public function seconds(): int
    {
        return ThinkingTime::of($this->content->optionalNumber('seconds'), $this->marks());
    }

    public function stops(): bool
    {
        return $this->content->flag('stops', true);
    }

    public function answer(): string
    {
        return $this->kind->answer($this->content);
    }

    /** @return array<string, mixed> what a student's page needs, without the answer */
    public function asked(): array
    {
        return $this->kind->asked($this->content);
    }

    /** @return list<string> */
    public function shown(): array
    {
        return $this->kind->shown($this->content);
    }

    public function unfinished(): ?string
    {
        return trim($this->prompt()) === '' ? 'This question does not ask anything yet.' : $this->kind->unfinished($this->content);
    }

    /** @throws InvalidAnswer */
    public function mark(string $given): Marking
    {
        if (trim($given) === '') {
            throw InvalidAnswer::blank();
        }
        if (mb_strlen($given) > self::LONGEST) {
            throw InvalidAnswer::tooLong();
        }

        return $this->kind->mark($this->content, $given);
    }

    /** What went wrong in an answer, where it is one that a known slip gives. */
    public function slip(string $given): ?string
    {
        try {
            return $this->mark($given)->slip;
        } catch (InvalidAnswer) {
            return null;
        }
    }

    public function readable(string $given): string
    {
        return $this->kind->readable($this->content, $given);
    }
}
