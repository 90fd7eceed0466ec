<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Choice;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** Choose one of several answers. */
final readonly class Choice implements QuestionKind
{
    public function name(): string
    {
        return 'choice';
    }

    public function answer(Fields $content): string
    {
        $right = array_filter($content->list('choices'), static fn (Fields $choice): bool => $choice->flag('right'));

        return implode(' or ', array_map(static fn (Fields $choice): string => $choice->text('text'), $right));
    }

    public function asked(Fields $content): array
    {
        return ['choices' => array_map(static fn (Fields $choice): array => ['id' => $choice->text('id'), 'text' => $choice->text('text', '')], $content->list('choices'))];
    }

    public function shown(Fields $content): array
    {
        return [];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $choice = $this->choice($content, $given) ?? throw InvalidAnswer::notAChoice();
        $marks = $content->whole('marks', 1);
        if ($choice->flag('right')) {
            return Marking::right($marks);
        }
        $slip = $choice->text('slip', '');

        return $slip === '' ? Marking::wrong($marks, 'Not yet. Look at the answer and compare.') : Marking::slipped($marks, $slip);
    }

    public function readable(Fields $content, string $given): string
    {
        return $this->choice($content, $given)?->text('text') ?? $given;
    }

    public function unfinished(Fields $content): ?string
    {
        if (count($content->list('choices')) < 2) {
            return 'This question needs at least two answers to choose from.';
        }

        return $this->answer($content) === '' ? 'None of the answers is marked as right.' : null;
    }

    private function choice(Fields $content, string $id): ?Fields
    {
        foreach ($content->list('choices') as $choice) {
            if ($choice->text('id') === $id) {
                return $choice;
            }
        }

        return null;
    }
}
