<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\ShortText;

use Daybright\Lesson\Fields;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** A few words or sentences, marked by the teacher. */
final readonly class ShortText implements QuestionKind
{
    public function name(): string
    {
        return 'text';
    }

    public function answer(Fields $content): string
    {
        return $content->text('value', '');
    }

    public function asked(Fields $content): array
    {
        return [];
    }

    public function shown(Fields $content): array
    {
        return [];
    }

    public function mark(Fields $content, string $given): Marking
    {
        return Marking::forTheTeacher($content->whole('marks', 1));
    }

    public function readable(Fields $content, string $given): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $given));
    }

    public function unfinished(Fields $content): ?string
    {
        return trim($content->text('value', '')) === '' ? 'This question has no model answer yet.' : null;
    }
}
