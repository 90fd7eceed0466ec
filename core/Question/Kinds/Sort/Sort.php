<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Sort;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\Shuffled;

/** Sort things into groups. */
final readonly class Sort implements QuestionKind
{
    public function name(): string
    {
        return 'sort';
    }

    public function answer(Fields $content): string
    {
        return $this->sorted($content, array_column(array_map(static fn (Fields $item): array => [$item->text('id'), $item->text('group', '')], $content->list('items')), 1, 0));
    }

    public function asked(Fields $content): array
    {
        return [
            'groups' => array_map(static fn (Fields $group): array => ['id' => $group->text('id'), 'text' => $group->text('name', '')], $content->list('groups')),
            'items' => array_map(static fn (Fields $item): array => ['id' => $item->text('id'), 'text' => $item->text('text', ''), 'picture' => $item->optionalText('picture')], Shuffled::of($content->list('items'))),
        ];
    }

    public function shown(Fields $content): array
    {
        return [
            implode('  |  ', array_map(static fn (Fields $group): string => '*'.$group->text('name', '').'*', $content->list('groups'))),
            implode(' · ', array_map(static fn (Fields $item): string => $item->text('text', ''), Shuffled::of($content->list('items')))),
        ];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $places = GivenAnswer::map($given);
        $items = $content->list('items');
        $wrong = [];
        foreach ($items as $item) {
            if (($places[$item->text('id')] ?? '') === '') {
                throw InvalidAnswer::notAllPlaced();
            }
            if ($places[$item->text('id')] !== $item->text('group', '')) {
                $wrong[] = $item->text('text', '');
            }
        }
        $right = count($items) - count($wrong);

        return Share::of($right, count($items), $content->whole('marks', 1), "{$right} of ".count($items).' are in the right group. Look again at: '.implode(', ', $wrong).'.');
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            return $this->sorted($content, GivenAnswer::map($given));
        } catch (InvalidAnswer) {
            return $given;
        }
    }

    public function unfinished(Fields $content): ?string
    {
        $groups = array_map(static fn (Fields $group): string => $group->text('id'), $content->list('groups'));
        if (count($groups) < 2 || $content->list('items') === []) {
            return 'This question needs at least two groups and something to sort.';
        }
        $lost = array_filter($content->list('items'), static fn (Fields $item): bool => ! in_array($item->text('group', ''), $groups, true));

        return $lost === [] ? null : 'Some of the things to sort belong to no group yet.';
    }

    /** @param  array<string, string>  $places item => group */
    private function sorted(Fields $content, array $places): string
    {
        $told = [];
        foreach ($content->list('groups') as $group) {
            $inside = array_filter($content->list('items'), static fn (Fields $item): bool => ($places[$item->text('id')] ?? '') === $group->text('id'));
            $told[] = $group->text('name', '').': '.($inside === [] ? '–' : implode(', ', array_map(static fn (Fields $item): string => $item->text('text', ''), $inside)));
        }

        return implode('; ', $told);
    }
}
