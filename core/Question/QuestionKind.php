<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Lesson\Fields;

/** A way of asking: what an answer looks like, and how it is marked. */
interface QuestionKind
{
    public function name(): string;

    /** The model answer, as it is shown. */
    public function answer(Fields $content): string;

    /**
     * What a student's page needs to ask it, and nothing that gives the answer away.
     *
     * @return array<string, mixed>
     */
    public function asked(Fields $content): array;

    /** @return list<string> what stands under the question on the slide */
    public function shown(Fields $content): array;

    /** @throws InvalidAnswer when it cannot be marked and should be put right first */
    public function mark(Fields $content, string $given): Marking;

    /** The given answer as a reader sees it, alike answers alike. */
    public function readable(Fields $content, string $given): string;

    /** A sentence that says what the teacher still has to fill in, or null. */
    public function unfinished(Fields $content): ?string;
}
