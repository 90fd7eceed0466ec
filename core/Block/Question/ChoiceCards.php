<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\LayoutBounds;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Repetition;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** The answers to choose from: cards in one column or in two, each behind its letter. */
final readonly class ChoiceCards
{
    private const MARGIN = 20.0;

    private const BETWEEN = 28.0;

    /** Two columns are tried from this width on. */
    private const TWO = 900.0;

    /** Choices, as the schema has them. */
    private const MOST = 8;

    /** The width of the ring around a right answer. */
    private const RING = 6.0;

    /** @param  list<array{Box, SetText}>  $cards */
    private function __construct(private array $cards, private LayoutBounds $bounds, private float $disc)
    {
    }

    /**
     * @param  list<string>  $choices
     * @param  float  $y of the first card
     * @param  float  $gap between rows
     * @return self|null null where there is nothing to choose from
     */
    public static function set(array $choices, LayoutBounds $bounds, float $y, float $gap): ?self
    {
        if ($choices === []) {
            return null;
        }
        $one = self::inColumns(1, $choices, $bounds, $y, $gap);
        $two = $bounds->width >= self::TWO && count($choices) > 1 ? self::inColumns(2, $choices, $bounds, $y, $gap) : $one;

        return $two->bottom() < $one->bottom() ? $two : $one;
    }

    public function bottom(): float
    {
        return max([0.0, ...array_map(static fn (array $card): float => $card[0]->bottom(), $this->cards)]);
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        $shapes = [];
        $context = $this->bounds->context;
        foreach ($this->cards as $number => [$box, $text]) {
            $middle = $box->middleY();
            array_push(
                $shapes,
                ...$context->cards->shapes($box, $context->strong),
                ...$context->disc(chr(65 + $number), $box->x + self::MARGIN + $this->disc / 2, $middle, $this->disc / 2),
                ...$text->shapes($box->x + 2 * self::MARGIN + $this->disc, $middle - $text->height() / 2),
            );
        }

        return $shapes;
    }

    /** @return list<TextField> */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->cards as $number => [$box, $text]) {
            $fields[] = $text->field(
                "choices/{$number}/text",
                'Answer '.chr(65 + $number),
                $box->x + 2 * self::MARGIN + $this->disc,
                $box->middleY() - $text->height() / 2,
            )->repeated(new Repetition(['id' => '', 'text' => '', 'right' => false], 2, self::MOST));
        }

        return $fields;
    }

    /**
     * @param  list<int>  $right numbers of the right ones, from 0
     * @return list<Shape> a ring around each
     */
    public function ringed(array $right): array
    {
        $context = $this->bounds->context;

        return array_map(fn (int $number): Shape => Shape::rectangle(
            $this->cards[$number][0],
            Paint::outlined($context->strong, self::RING),
            min($context->cards->corner, $this->cards[$number][0]->height / 2),
        ), $right);
    }

    /**
     * @param  int<1, max>  $columns
     * @param  list<string>  $choices
     */
    private static function inColumns(int $columns, array $choices, LayoutBounds $bounds, float $y, float $gap): self
    {
        $disc = max(48.0, $bounds->size * 1.1);
        $width = ($bounds->width - ($columns - 1) * self::BETWEEN) / $columns;
        $cards = [];
        foreach (array_chunk($choices, $columns) as $row) {
            $texts = array_map(
                static fn (string $choice): SetText => $bounds->text(
                    $choice,
                    1,
                    Paint::INK,
                    false,
                    $width - $disc - 3 * self::MARGIN,
                    0,
                ),
                $row,
            );
            $height = max($disc, ...array_map(static fn (SetText $text): float => $text->height(), $texts)) + self::MARGIN * 1.4;
            foreach ($texts as $column => $text) {
                $cards[] = [new Box($column * ($width + self::BETWEEN), $y, $width, $height), $text];
            }
            $y += $height + $gap;
        }

        return new self($cards, $bounds, $disc);
    }
}
