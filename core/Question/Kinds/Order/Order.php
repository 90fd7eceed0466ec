<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Order;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\Shuffled;

/** Put things in order. Marked by how many follow the right one before them, so that one slip does not cost everything. */
final readonly class Order implements QuestionKind
{
    public function name(): string
    {
        return 'order';
    }

    public function answer(Fields $content): string
    {
        return implode(' → ', array_map(static fn (Fields $item): string => $item->text('text', ''), $content->list('items')));
    }

    public function asked(Fields $content): array
    {
        return ['items' => array_map(static fn (Fields $item): array => ['id' => $item->text('id'), 'text' => $item->text('text', '')], $this->mixed($content))];
    }

    public function shown(Fields $content): array
    {
        return array_map(static fn (Fields $item): string => '- '.$item->text('text', ''), $this->mixed($content));
    }

    public function mark(Fields $content, string $given): Marking
    {
        $order = GivenAnswer::list($given);
        $right = array_map(static fn (Fields $item): string => $item->text('id'), $content->list('items'));
        if (array_diff($right, $order) !== [] || count($order) !== count($right)) {
            throw InvalidAnswer::notAllPlaced();
        }
        $pairs = 0;
        for ($number = 1; $number < count($right); $number++) {
            $pairs += array_search($right[$number], $order, true) === (int) array_search($right[$number - 1], $order, true) + 1 ? 1 : 0;
        }
        $all = max(1, count($right) - 1);

        return Share::of($order === $right ? $all : min($pairs, $all - 1), $all, $content->whole('marks', 1), "Not yet. {$pairs} of {$all} steps follow the right one.");
    }

    public function readable(Fields $content, string $given): string
    {
        $texts = [];
        foreach ($content->list('items') as $item) {
            $texts[$item->text('id')] = $item->text('text', '');
        }
        try {
            return implode(' → ', array_map(static fn (string $id): string => $texts[$id] ?? '?', GivenAnswer::list($given)));
        } catch (InvalidAnswer) {
            return $given;
        }
    }

    public function unfinished(Fields $content): ?string
    {
        return count($content->list('items')) < 2 ? 'This question needs at least two things to put in order.' : null;
    }

    /**
     * Never by accident in the right order.
     *
     * @return list<Fields>
     */
    private function mixed(Fields $content): array
    {
        $items = $content->list('items');
        $mixed = Shuffled::of($items);

        return $mixed === $items ? array_reverse($mixed) : $mixed;
    }
}
