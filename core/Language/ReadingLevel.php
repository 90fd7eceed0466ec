<?php

declare(strict_types=1);

namespace Daybright\Language;

/**
 * How hard a text is to read, by the length of its sentences and words.
 *
 * Flesch reading ease (R. Flesch, 1948): 206.835 − 1.015 · words per sentence − 84.6 · beats per word.
 * Flesch–Kincaid grade (J. P. Kincaid and others, 1975): 0.39 · words per sentence + 11.8 · beats per word − 15.59.
 */
final readonly class ReadingLevel
{
    private function __construct(public int $sentences, public int $words, public int $beats)
    {
    }

    /** @return self|null null for a text without words */
    public static function of(string $text): ?self
    {
        preg_match_all('/[\p{L}][\p{L}\'’-]*/u', $text, $words);
        if ($words[0] === []) {
            return null;
        }
        $sentences = count(array_filter(preg_split('/[.!?…:;]+(?=\s|$)|\n+/u', $text) ?: [], static fn (string $sentence): bool => preg_match('/\p{L}/u', $sentence) === 1));

        return new self(max(1, $sentences), count($words[0]), array_sum(array_map(Beats::of(...), $words[0])));
    }

    public static function counted(int $sentences, int $words, int $beats): self
    {
        return new self(max(1, $sentences), max(1, $words), $beats);
    }

    /** From 0, very hard, to 100 and more, very easy. */
    public function ease(): float
    {
        return 206.835 - 1.015 * $this->words / $this->sentences - 84.6 * $this->beats / $this->words;
    }

    /** The school year, counted as in the United States, in which readers cope with it. */
    public function grade(): float
    {
        return 0.39 * $this->words / $this->sentences + 11.8 * $this->beats / $this->words - 15.59;
    }
}
