<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Plan;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** Fill in a planning frame; the teacher marks it. */
final readonly class Plan implements QuestionKind
{
    public function name(): string
    {
        return 'plan';
    }

    public function answer(Fields $content): string
    {
        $filled = array_filter($content->list('boxes'), static fn (Fields $box): bool => trim($box->text('model', '')) !== '');

        return implode(' ', array_map(static fn (Fields $box): string => $box->text('name', '').': '.$box->text('model'), $filled));
    }

    public function asked(Fields $content): array
    {
        return ['boxes' => array_map(static fn (Fields $box): array => ['id' => $box->text('id'), 'text' => $box->text('name', ''), 'purpose' => $box->text('purpose', ''), 'starter' => $box->text('starter', '')], $content->list('boxes'))];
    }

    public function shown(Fields $content): array
    {
        return array_map(static fn (Fields $box): string => '- *'.$box->text('name', '').'* '.$box->text('purpose', ''), $content->list('boxes'));
    }

    public function mark(Fields $content, string $given): Marking
    {
        $written = GivenAnswer::map($given);
        foreach ($content->list('boxes') as $box) {
            if (($written[$box->text('id')] ?? '') === '') {
                throw InvalidAnswer::emptyBox($box->text('name', ''));
            }
        }

        return Marking::forTheTeacher($content->whole('marks', 1));
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            $written = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return implode(' ', array_map(static fn (Fields $box): string => $box->text('name', '').': '.($written[$box->text('id')] ?? '–'), $content->list('boxes')));
    }

    public function unfinished(Fields $content): ?string
    {
        return match (true) {
            count($content->list('boxes')) < 2 => 'This plan needs at least two boxes.',
            $this->answer($content) === '' => 'This plan has no model yet. Write what a good plan would say.',
            default => null,
        };
    }
}
