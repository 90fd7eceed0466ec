<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Order;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Item;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\Shuffled;

/** Put things in order. Marked by how many follow the right one before them, so that one slip does not cost everything. */
final readonly class Order implements KnowsRightAnswer, QuestionKind
{
    /** @param  list<Item>  $items in the right order */
    private function __construct(private array $items)
    {
    }

    public static function name(): string
    {
        return 'order';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Item::from(...), $content->list('items')));
    }

    public function answer(): string
    {
        return implode(' → ', array_map(static fn (Item $item): string => $item->text, $this->items));
    }

    public function rightAnswer(): string
    {
        return GivenAnswer::written(array_map(static fn (Item $item): string => $item->id, $this->items));
    }

    public function asked(): array
    {
        return ['items' => array_map(static fn (Item $item): array => $item->asked(), $this->mixed())];
    }

    public function shown(): array
    {
        return array_map(static fn (Item $item): string => '- '.$item->text, $this->mixed());
    }

    public function mark(string $given, int $marks): Marking
    {
        $order = GivenAnswer::list($given);
        $right = array_map(static fn (Item $item): string => $item->id, $this->items);
        if (array_diff($right, $order) !== [] || count($order) !== count($right)) {
            throw InvalidAnswer::notAllPlaced();
        }
        $pairs = 0;
        for ($number = 1; $number < count($right); $number++) {
            $pairs += array_search($right[$number], $order, true) === (int) array_search($right[$number - 1], $order, true) + 1 ? 1 : 0;
        }
        $all = max(1, count($right) - 1);

        return Share::award(
            $order === $right ? $all : min($pairs, $all - 1),
            $all,
            $marks,
            "Not yet. {$pairs} of {$all} steps follow the right one.",
        );
    }

    public function readable(string $given): string
    {
        $texts = [];
        foreach ($this->items as $item) {
            $texts[$item->id] = $item->text;
        }
        try {
            return implode(' → ', array_map(static fn (string $id): string => $texts[$id] ?? '?', GivenAnswer::list($given)));
        } catch (InvalidAnswer) {
            return $given;
        }
    }

    public function unfinished(): ?string
    {
        return count($this->items) < 2 ? 'This question needs at least two things to put in order.' : null;
    }

    public function inWords(Closure $plain): self
    {
        return new self(array_map(static fn (Item $item): Item => $item->inWords($plain), $this->items));
    }

    /**
     * Never by accident in the right order.
     *
     * @return list<Item>
     */
    private function mixed(): array
    {
        $mixed = Shuffled::shuffle($this->items, static fn (Item $item): string => $item->text.$item->id);

        return $mixed === $this->items ? array_reverse($mixed) : $mixed;
    }
}
