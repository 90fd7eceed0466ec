<?php

declare(strict_types=1);

namespace Daybright\Release;

use Closure;
use Daybright\Deck\Format;
use Daybright\Scene\Box;

/** In a video, what is seen of a slide grows and shrinks softly, as it does on a page. */
final class SoftViews
{
    /** Milliseconds that it takes, and of which each picture lasts some. */
    private const LENGTH = 300.0;

    private const PICTURES = 6;

    /**
     * @param  list<SeenPicture>  $seen without gaps
     * @param  Closure(string): Format  $page on which a slide is shown
     * @return list<SeenPicture>
     */
    public static function between(array $seen, Closure $page): array
    {
        $soft = [];
        foreach ($seen as $number => $picture) {
            $before = $seen[$number - 1] ?? null;
            // While a wheel is turned one view follows the other: that is a motion by itself.
            $isTurned = $before === null || min($before->to - $before->from, $picture->to - $picture->from) < self::LENGTH;
            if ($isTurned || $before->slide !== $picture->slide || $before->view == $picture->view) {
                $soft[] = $picture;

                continue;
            }
            $whole = $page($picture->slide)->page();
            $each = self::LENGTH / self::PICTURES;
            for ($step = 1; $step < self::PICTURES; $step++) {
                // Quick at first, so that something is seen at once where it was asked for.
                $share = 1 - (1 - $step / self::PICTURES) ** 3;
                $from = $picture->from + ($step - 1) * $each;
                $view = self::mixed($before->view ?? $whole, $picture->view ?? $whole, $share);
                $soft[] = $picture->during($from, $from + $each)->seeing($view);
            }
            $soft[] = $picture->during($picture->from + self::LENGTH - $each, $picture->to);
        }

        return $soft;
    }

    private static function mixed(Box $one, Box $other, float $share): Box
    {
        $mix = static fn (float $from, float $to): float => round($from + ($to - $from) * $share, 1);

        return new Box(
            $mix($one->x, $other->x),
            $mix($one->y, $other->y),
            $mix($one->width, $other->width),
            $mix($one->height, $other->height),
        );
    }
}
