<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A box with words in its middle, as large as fits. */
final class Card
{
    public const LARGEST = 40.0;

    private const MARGIN = 12.0;

    /** @return list<Shape> */
    public static function layOut(
        string $text,
        Box $box,
        RenderContext $context,
        bool $bold = false,
        string $fill = '#FFFFFF',
        float $largest = self::LARGEST,
    ): array {
        $room = $box->inset(self::MARGIN);
        $set = $context->type->fit($text, $room->width, $room->height, new TextStyle($largest, Paint::INK, $bold, 0.5, 1.18));

        return [
            Shape::rectangle($box, Paint::outlined($context->strong, 3, $fill), 10),
            ...$set->shapes($room->x, $room->middleY() - $set->height() / 2),
        ];
    }

    /**
     * The largest size at which every text fits into its box, so that cards side by side look alike.
     *
     * @param  list<array{string, Box}>  $cards
     */
    public static function commonSize(array $cards, RenderContext $context, float $largest = self::LARGEST): float
    {
        for ($size = $largest; $size > Typesetter::SMALLEST; $size -= 2) {
            $tooLarge = array_filter($cards, static function (array $card) use ($size, $context): bool {
                $room = $card[1]->inset(self::MARGIN);
                // A bold card is a little wider: all are measured so.
                $words = array_map(
                    static fn (string $word): float => $context->type->width($word, new TextStyle($size, Paint::INK, true)),
                    explode(' ', $card[0]),
                );

                return max($words) > $room->width
                    || $context->type->set($card[0], $room->width, new TextStyle($size, Paint::INK, true, 0.5, 1.18))
                        ->height() > $room->height;
            });
            if ($tooLarge === []) {
                return $size;
            }
        }

        return Typesetter::SMALLEST;
    }

    /** How wide a card must be for the longest word at the smallest size. */
    public static function leastWidth(string $text): float
    {
        return 2 * self::MARGIN + 17.5 * max(array_map(mb_strlen(...), explode(' ', $text)));
    }

    /** How high a card must be for a text at the smallest size. */
    public static function leastHeight(string $text, float $width): float
    {
        // Without the typesetter at hand: letters of the smallest size are a little over half as wide as they are high.
        $lines = 0;
        $used = INF;
        foreach (explode(' ', $text) as $word) {
            $wide = mb_strlen($word) * 17.5;
            if ($used + $wide > $width - 2 * self::MARGIN) {
                $lines += max(1, (int) ceil($wide / max(1, $width - 2 * self::MARGIN)));
                $used = 0.0;
            }
            $used += $wide + 8;
        }

        return 2 * self::MARGIN + $lines * 28 * 1.18 + 4;
    }
}
