<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;
use Daybright\Scene\Placement;

/** The same block on two pages. */
final readonly class BlockOnPages
{
    /** Share of a drawing by which its parts may stand off and still be the same drawing, larger or smaller. */
    private const OFF = 0.04;

    /** What is drawn of the block on the other page, where it is the same drawing. */
    private ?Placement $drawing;

    public function __construct(public BlockOnPage $from, public BlockOnPage $to)
    {
        $this->drawing = $this->drawing();
    }

    /** For something drawn in or round a box; null where the words that it is about do not stand together on the other page. */
    public function around(Box $drawn): ?Placement
    {
        $meant = self::meant($this->from->words, $drawn);
        $here = Box::around(array_column($meant, 1));
        if ($meant === [] || ! $here->inset(-$here->height / 2)->holds($drawn)) {
            return $this->picture($drawn) ?? $this->drawing;
        }
        $there = array_intersect_key($this->to->words, $meant);
        if (array_column($meant, 0) !== array_column($there, 0)) {
            return null;
        }
        $words = Placement::between($here, Box::around(array_column($there, 1)));

        return array_keys(self::meant($this->to->words, $words->box($drawn))) === array_keys($meant) ? $words : null;
    }

    /** For a place that is pointed at: at the same word, or else at the same place of the picture, the drawing or the block. */
    public function at(float $x, float $y): Placement
    {
        $nearest = null;
        foreach ($this->from->words as $number => [$word, $box]) {
            $other = $this->to->words[$number] ?? null;
            $isNearer = $nearest === null || $box->distance($x, $y) < $nearest[0]->distance($x, $y);
            if ($isNearer && $other !== null && $other[0] === $word) {
                $nearest = [$box, $other[1]];
            }
        }
        $away = $nearest === null ? INF : $nearest[0]->distance($x, $y);
        $isOnWord = $nearest !== null && $away < $nearest[0]->height * ($this->drawing === null ? 1 : 0.1);

        if ($isOnWord) {
            return Placement::between(...$nearest);
        }

        return $this->picture(new Box($x, $y, 0, 0)) ?? $this->drawing ?? Placement::between($this->from->box, $this->to->box);
    }

    /** For what lies on a picture that is shown on both pages, whatever stands about it. */
    private function picture(Box $drawn): ?Placement
    {
        foreach ($this->from->pictures as $medium => $box) {
            $there = $this->to->pictures[$medium] ?? null;
            if ($there !== null && $box->inset(-self::OFF * $box->width)->holds($drawn)) {
                return Placement::between($box, $there);
            }
        }

        return null;
    }

    /**
     * The words that a ring goes round, or else those that a line goes through or under.
     *
     * @param  array<int, array{string, Box}>  $words
     * @return array<int, array{string, Box}>
     */
    private static function meant(array $words, Box $drawn): array
    {
        $ringed = array_filter($words, static fn (array $word): bool => $drawn->distance($word[1]->middleX(), $word[1]->middleY()) === 0.0);
        if ($ringed !== []) {
            return $ringed;
        }
        $lined = array_filter($words, static fn (array $word): bool => self::isLined($word[1], $drawn));
        $nearest = min([INF, ...array_map(static fn (array $word): float => abs($word[1]->bottom() - $drawn->middleY()), $lined)]);

        return array_filter(
            $lined,
            static fn (array $word): bool => abs($word[1]->bottom() - $drawn->middleY()) < $nearest + $word[1]->height / 4,
        );
    }

    /** Half of the word, or of the line, lies over the other, and the line is not more than half a line below. */
    private static function isLined(Box $word, Box $drawn): bool
    {
        $shared = min($word->right(), $drawn->right()) - max($word->x, $drawn->x);
        $isAbove = $drawn->middleY() >= $word->y && $drawn->middleY() <= $word->bottom() + $word->height / 2;

        return $isAbove && $shared > 0 && $shared >= min($word->width, $drawn->width) / 2;
    }

    /** A hatching has more lines where it is larger: it counts that each part has its like, and not how many there are. */
    private function drawing(): ?Placement
    {
        if ($this->from->graphics === [] || $this->to->graphics === []) {
            return null;
        }
        $there = Box::around($this->to->graphics);
        $placement = Placement::between(Box::around($this->from->graphics), $there);
        $placed = array_map($placement->box(...), $this->from->graphics);
        $off = self::OFF * max($there->width, $there->height);

        return self::eachHasItsLike($placed, $this->to->graphics, $off) && self::eachHasItsLike($this->to->graphics, $placed, $off)
            ? $placement
            : null;
    }

    /**
     * @param  list<Box>  $boxes
     * @param  list<Box>  $others
     */
    private static function eachHasItsLike(array $boxes, array $others, float $off): bool
    {
        $without = array_filter($boxes, static fn (Box $box): bool => array_filter(
            $others,
            static fn (Box $other): bool => $box->holds($other, $off) && $other->holds($box, $off),
        ) === []);

        return $without === [];
    }
}
