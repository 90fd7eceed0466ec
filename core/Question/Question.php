<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Figure\Variation;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;

/** A question with its marks, its time, its answer and its marking. */
final readonly class Question
{
    private const LONGEST = 4000;

    /**
     * @param  float|null  $ownSeconds the teacher's own time to think; null follows from the marks
     * @param  int|null  $showAfter seconds of trying after which the answer may be seen without one; null for never
     */
    private function __construct(
        private QuestionKind $kind,
        public string $prompt,
        public string $hint,
        public int $marks,
        public bool $stops,
        private ?float $ownSeconds,
        public ?int $showAfter,
    ) {
    }

    public static function from(Fields $content): self
    {
        return self::asking(QuestionKinds::read($content), $content);
    }

    /** Of a kind that another block than a question asks. */
    public static function asking(QuestionKind $kind, Fields $content): self
    {
        return new self(
            $kind,
            $content->text('prompt', ''),
            $content->text('hint', ''),
            $content->whole('marks', 1),
            $content->flag('stops', true),
            $content->optionalNumber('seconds'),
            $content->has('showAfter') ? $content->whole('showAfter') : null,
        );
    }

    /** @param  array<string, string>  $facts of the slide, which fill the braces */
    public function inWords(array $facts): self
    {
        $plain = static fn (string $text): string => PlainWords::read($text, $facts);

        return new self(
            $this->kind->inWords($plain),
            $plain($this->prompt),
            $plain($this->hint),
            $this->marks,
            $this->stops,
            $this->ownSeconds,
            $this->showAfter,
        );
    }

    public function type(): string
    {
        return $this->kind::name();
    }

    public function seconds(): int
    {
        return ThinkingTime::seconds($this->ownSeconds, $this->marks);
    }

    public function answer(): string
    {
        return $this->kind->answer();
    }

    /** @return array<string, mixed> what a student's page needs, without the answer */
    public function asked(): array
    {
        return $this->kind->asked();
    }

    /** @return list<string> */
    public function shown(): array
    {
        return $this->kind->shown();
    }

    /** @return list<string> answers that stand on the slide, each behind a letter */
    public function choices(): array
    {
        return $this->kind instanceof OffersChoices ? $this->kind->choices() : [];
    }

    /** @return array<int, string> ids of media, by the numbers of the choices that have one */
    public function choicePictures(): array
    {
        return $this->kind instanceof OffersChoices ? $this->kind->choicePictures() : [];
    }

    /** @return list<int> numbers of the right ones among the choices, from 0 */
    public function rightChoices(): array
    {
        return $this->kind instanceof OffersChoices ? $this->kind->rightChoices() : [];
    }

    /** @return list<Statement> texts to be checked for false sums */
    public function statements(): array
    {
        $own = $this->kind instanceof HoldsStatements ? $this->kind->statements() : [];

        return [new Statement($this->prompt, 'prompt'), new Statement($this->hint, 'hint'), ...$own];
    }

    /** @return list<string> ids of the pictures that it asks about */
    public function media(): array
    {
        return $this->kind instanceof ShowsPictures
            ? array_values(array_filter($this->kind->media(), static fn (string $id): bool => $id !== ''))
            : [];
    }

    /** Whether a teacher reads its answers one by one; no two of them are counted as alike. */
    public function isReadByTeacher(): bool
    {
        return $this->kind instanceof ReadByTeacher;
    }

    /**
     * The items that it is made of; none where it is one question.
     *
     * @return list<Variation>
     */
    public function items(int $level): array
    {
        return $this->kind instanceof MakesItems ? $this->kind->items($level) : [];
    }

    /** @return GivenAsFile::SOUND|GivenAsFile::PICTURE|null null where it is answered with words, numbers or choices */
    public function file(): ?string
    {
        return $this->kind instanceof GivenAsFile ? $this->kind->file() : null;
    }

    /** Null where it is answered at once. */
    public function practised(): ?PractisedToGoal
    {
        return $this->kind instanceof PractisedToGoal && $this->kind->goal() !== null ? $this->kind : null;
    }

    /** Another item of the same kind; null where it is a question of its own. */
    public function another(int $seed, int $level): ?Variation
    {
        return $this->kind instanceof MakesItems ? $this->kind->another($seed, $level) : null;
    }

    /** An answer, as it is given, that earns all marks; null where none can be written down. */
    public function rightAnswer(): ?string
    {
        return $this->kind instanceof KnowsRightAnswer ? $this->kind->rightAnswer() : null;
    }

    /** How far a number may be off, in the unit of the answer; null where none is typed, or it may not be off. */
    public function tolerance(): ?string
    {
        $tolerance = $this->kind instanceof TypesNumber ? $this->kind->tolerance() : '';

        return $tolerance === '' ? null : $tolerance;
    }

    /** @return list<Item> what an answer earns its marks by, one each, where a teacher gives them */
    public function markPoints(): array
    {
        return $this->kind instanceof HasMarkPoints ? $this->kind->markPoints() : [];
    }

    public function unfinished(): ?string
    {
        return trim($this->prompt) === '' ? 'This question does not ask anything yet.' : $this->kind->unfinished();
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

        return $this->kind->mark($given, $this->marks);
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
        return $this->kind->readable($given);
    }
}
