<?php

declare(strict_types=1);

namespace Daybright\Language;

/**
 * How hard a text is to read, by the length of its sentences and words.
 *
 * Flesch reading ease (R. Flesch, 1948): 206.835 − 1.015 · words per sentence − 84.6 · syllables per word.
 * Flesch–Kincaid grade (J. P. Kincaid and others, 1975): 0.39 · words per sentence + 11.8 · syllables per word − 15.59.
 */
final readonly class ReadingLevel
{
    private const ABBREVIATIONS = self::TITLES.'|'.self::OF_TEXTS.'|'.self::BEFORE_A_NUMBER;

    private const TITLES = 'Dr|Mr|Mrs|Ms|Prof|Rev|St|Mt|Capt|Col|Gen|Lt|Sgt|Hon|Jr|Sr';

    private const OF_TEXTS = 'vs|cf|etc(?=\.\s+\p{Ll})|approx|Fig|Vol|e\.\s?g|i\.\s?e';

    private const BEFORE_A_NUMBER = '(?:No|pp?|c)(?=\.\s*\d)';

    private function __construct(public int $sentences, public int $words, public int $syllables)
    {
    }

    /** @return self|null null for a text without words */
    public static function measure(string $text): ?self
    {
        $words = Words::split($text);
        if ($words === []) {
            return null;
        }

        return new self(self::sentencesIn($text), count($words), array_sum(array_map(Syllables::count(...), $words)));
    }

    /** At least 1; a title, an initial or an abbreviation such as “e.g.” ends none. */
    public static function sentencesIn(string $text): int
    {
        $unbroken = (string) preg_replace(
            ['/\b(?:'.self::ABBREVIATIONS.')\./ui', '/\b(\p{Lu})\.(?=\s?\p{Lu})/u', '/\b([ap])\.\s?m\.(?!\s+\p{Lu}|\s*$)/ui'],
            ['', '$1', '$1m'],
            $text,
        );
        $parts = preg_split('/[.!?…:;]+[\'’”")\]]*(?=\s|$)|\n+/u', $unbroken) ?: [];

        return max(1, count(array_filter($parts, static fn (string $part): bool => preg_match('/\p{L}/u', $part) === 1)));
    }

    public static function counted(int $sentences, int $words, int $syllables): self
    {
        return new self(max(1, $sentences), max(1, $words), $syllables);
    }

    /** From 0, very hard, to 100 and more, very easy. */
    public function ease(): float
    {
        return 206.835 - 1.015 * $this->words / $this->sentences - 84.6 * $this->syllables / $this->words;
    }

    /** The school year, counted as in the United States, in which readers cope with it. */
    public function grade(): float
    {
        return 0.39 * $this->words / $this->sentences + 11.8 * $this->syllables / $this->words - 15.59;
    }
}
