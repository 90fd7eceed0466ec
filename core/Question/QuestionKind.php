<?php

declare(strict_types=1);

namespace Daybright\Question;

use Closure;
use Daybright\Lesson\Fields;

/** A way of asking, with what it asks about: what an answer looks like, and how it is marked. */
interface QuestionKind
{
    /** In documents, such as “choice”. */
    public static function name(): string;

    public static function from(Fields $content): self;

    /** The model answer, as it is shown. */
    public function answer(): string;

    /**
     * What a student's page needs to ask it, and nothing that gives the answer away.
     *
     * @return array<string, mixed>
     */
    public function asked(): array;

    /** @return list<string> what stands under the question on the slide */
    public function shown(): array;

    /**
     * @param  int  $marks that the whole answer earns
     *
     * @throws InvalidAnswer when it cannot be marked and should be put right first
     */
    public function mark(string $given, int $marks): Marking;

    /** The given answer as a reader sees it, alike answers alike. */
    public function readable(string $given): string;

    /** A sentence that says what the teacher still has to fill in, or null. */
    public function unfinished(): ?string;

    /**
     * The same with its texts in plain words; what is compared, counted or looked up stays as it is.
     *
     * @param  Closure(string): string  $plain
     */
    public function inWords(Closure $plain): self;
}
