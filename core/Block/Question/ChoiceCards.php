<?php

declare(strict_types=1);

namespace Daybright\Block\Question;

use Daybright\Block\LayoutBounds;
use Daybright\Scene\Paint;
use Daybright\Scene\Picture;
use Daybright\Scene\Repetition;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** The answers to choose from: cards in columns, each behind its letter. */
final readonly class ChoiceCards
{
    private const MARGIN = ChoiceCard::MARGIN;

    private const BETWEEN = 28.0;

    /** Columns are tried from this width on each. */
    private const COLUMN = 450.0;

    /** … and from this one where an answer is a picture with a few words. */
    private const NARROW = 230.0;

    /** The side of a picture, in sizes of the type. */
    private const PICTURE = 3.4;

    /** Choices, as the schema has them. */
    private const MOST = 8;

    /** The width of the ring around a right answer. */
    private const RING = 6.0;

    /** @param  list<ChoiceCard>  $cards */
    private function __construct(private array $cards, private LayoutBounds $bounds)
    {
    }

    /**
     * @param  list<string>  $choices
     * @param  array<int, string>  $pictures ids of media, by the numbers of the choices
     * @param  float  $y of the first card
     * @param  float  $gap between rows
     * @return self|null null where there is nothing to choose from
     */
    public static function set(array $choices, array $pictures, LayoutBounds $bounds, float $y, float $gap): ?self
    {
        if ($choices === []) {
            return null;
        }
        $seen = array_intersect_key($bounds->context->pictures, array_flip($pictures));
        $pictures = array_map(static fn (string $id): ?Picture => $seen[$id] ?? null, $pictures);
        $best = self::inColumns(1, $choices, $pictures, $bounds, $y, $gap);
        $most = min(count($choices), (int) floor($bounds->width / ($seen === [] ? self::COLUMN : self::NARROW)), $seen === [] ? 2 : 4);
        for ($columns = 2; $columns <= $most; $columns++) {
            $cards = self::inColumns($columns, $choices, $pictures, $bounds, $y, $gap);
            $best = $cards->bottom() < $best->bottom() ? $cards : $best;
        }

        return $best;
    }

    public function bottom(): float
    {
        return max([0.0, ...array_map(static fn (ChoiceCard $card): float => $card->box->bottom(), $this->cards)]);
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        return array_merge(...array_map(
            fn (ChoiceCard $card, int $number): array => $card->shapes(chr(65 + $number), $this->bounds->context),
            $this->cards,
            array_keys($this->cards),
        ));
    }

    /** @return list<TextField> */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->cards as $number => $card) {
            $fields[] = $card->text->field("choices/{$number}/text", 'Answer '.chr(65 + $number), $card->textLeft(), $card->textTop())
                ->repeated(new Repetition(['id' => '', 'text' => '', 'right' => false], 2, self::MOST));
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
            $this->cards[$number]->box,
            Paint::outlined($context->strong, self::RING),
            min($context->cards->corner, $this->cards[$number]->box->height / 2),
        ), $right);
    }

    /**
     * @param  int<1, max>  $columns
     * @param  list<string>  $choices
     * @param  array<int, Picture|null>  $pictures by the numbers of the choices
     */
    private static function inColumns(int $columns, array $choices, array $pictures, LayoutBounds $bounds, float $y, float $gap): self
    {
        $disc = max(48.0, $bounds->size * 1.1);
        $width = ($bounds->width - ($columns - 1) * self::BETWEEN) / $columns;
        $side = array_filter($pictures) === [] ? 0.0 : min(self::PICTURE * $bounds->size, $width - 2 * self::MARGIN);
        $cards = [];
        foreach (array_chunk($choices, $columns, true) as $row) {
            $set = [];
            foreach ($row as $number => $choice) {
                $set[] = ChoiceCard::set($choice, $pictures[$number] ?? null, $side, $width, $disc, $bounds);
            }
            $height = max(array_map(static fn (ChoiceCard $card): float => $card->box->height, $set));
            foreach ($set as $column => $card) {
                $cards[] = $card->at($column * ($width + self::BETWEEN), $y, $height);
            }
            $y += $height + $gap;
        }

        return new self($cards, $bounds);
    }
}
