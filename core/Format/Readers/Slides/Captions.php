<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** Gives pictures the short texts that stand right under them as captions. */
final class Captions
{
    private const LONGEST = 100;

    /** How far under the lower edge, and how far into the picture, a caption begins: in units of a page 1600 wide. */
    private const FURTHEST = 60.0;

    private const INTO = 30.0;

    /**
     * @param  list<ReadPiece>  $pieces in the order of reading
     * @return list<ReadPiece>
     */
    public static function joined(array $pieces): array
    {
        $captions = [];
        foreach ($pieces as $number => $piece) {
            if ($piece instanceof ReadPicture) {
                foreach ($pieces as $below => $text) {
                    if (! in_array($below, $captions, true) && $text instanceof ReadText && self::belongs($text, $piece)) {
                        $captions[$number] = $below;
                        break;
                    }
                }
            }
        }
        $joined = [];
        foreach ($pieces as $number => $piece) {
            $caption = $pieces[$captions[$number] ?? -1] ?? null;
            if ($piece instanceof ReadPicture && $caption instanceof ReadText) {
                $joined[] = $piece->captioned($caption->paragraphs[0]);
            } elseif (! in_array($number, $captions, true)) {
                $joined[] = $piece;
            }
        }

        return $joined;
    }

    private static function belongs(ReadText $text, ReadPicture $picture): bool
    {
        [$words, $box] = [$text->box, $picture->box];
        if ($words === null || $box === null || count($text->paragraphs) !== 1 || $text->click() !== $picture->click()) {
            return false;
        }
        $below = $words->y - $box->bottom();

        return $below < self::FURTHEST
            && $below > -self::INTO
            && $words->middleX() > $box->x
            && $words->middleX() < $box->right()
            && $words->width < 1.3 * $box->width
            && mb_strlen($text->paragraphs[0]) <= self::LONGEST
            && ! str_starts_with($text->paragraphs[0], '- ');
    }
}
