<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** The title of a slide that has none in the place for it: a short text that stands above everything else. */
final class TitleText
{
    private const LONGEST = 80;

    /** Above this, in units of a page 1600 wide, it may be a title. */
    private const LOWEST = 450.0;

    /**
     * @param  list<ReadPiece>  $pieces
     * @return array{string, list<ReadPiece>} title, and what is left
     */
    public static function found(string $title, array $pieces): array
    {
        if ($title !== '' || count($pieces) < 2) {
            return [$title, $pieces];
        }
        $topmost = null;
        $highest = self::LOWEST;
        foreach ($pieces as $number => $piece) {
            if ($piece instanceof ReadText && $piece->box !== null && $piece->box->y < $highest) {
                [$topmost, $highest] = [self::isTitle($piece) ? $number : null, $piece->box->y];
            }
        }
        $text = $topmost === null ? null : $pieces[$topmost];
        if (! $text instanceof ReadText) {
            return ['', $pieces];
        }
        unset($pieces[$topmost]);

        return [$text->paragraphs[0], array_values($pieces)];
    }

    private static function isTitle(ReadText $text): bool
    {
        return count($text->paragraphs) === 1
            && $text->click() === 0
            && mb_strlen($text->paragraphs[0]) <= self::LONGEST
            && ! str_starts_with($text->paragraphs[0], '- ');
    }
}
