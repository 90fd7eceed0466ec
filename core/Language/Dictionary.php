<?php

declare(strict_types=1);

namespace Daybright\Language;

/** The words of English with their sounds, looked up by halving in one long text, so that nothing is read in beforehand. */
final class Dictionary
{
    private static ?self $shipped = null;

    /** @param  string  $lines “word sounds” or “word”, in order of the alphabet */
    public function __construct(private readonly string $lines)
    {
    }

    public static function shipped(): self
    {
        if (self::$shipped === null) {
            $lines = require __DIR__.'/Data/words.php';
            self::$shipped = new self(is_string($lines) ? $lines : '');
        }

        return self::$shipped;
    }

    /** Whether it is a word of the language that a class may meet; a name such as June is none, though its sounds are known. */
    public function hasWord(string $word): bool
    {
        $line = $this->line($word);

        return $line !== null && preg_match('/[~!]/', $line) !== 1;
    }

    /** Whether it is a word that no child should be shown. */
    public function isUnfit(string $word): bool
    {
        return str_contains($this->line($word) ?? '', '!');
    }

    public function pronunciation(string $word): ?Pronunciation
    {
        $parts = explode(' ', $this->line($word) ?? '');

        $sounds = ltrim($parts[1] ?? '', '~!');

        return $sounds === '' ? null : Pronunciation::read($sounds);
    }

    /**
     * The sounds of all words, names left out, that end in these letters.
     *
     * @return list<Pronunciation>
     */
    public function pronunciationsEndingIn(string $letters): array
    {
        if (preg_match('/^[a-z]+$/', $letters) !== 1) {
            return [];
        }
        preg_match_all("/{$letters} ([^~!\\s]+)$/m", $this->lines, $found);

        return array_map(Pronunciation::read(...), $found[1]);
    }

    private function line(string $word): ?string
    {
        $word = strtolower($word);
        [$low, $high] = [0, strlen($this->lines)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $start = $middle === 0 ? 0 : (int) strrpos($this->lines, "\n", $middle - 1 - strlen($this->lines));
            $start = $start > 0 || ($this->lines[0] ?? '') === "\n" ? $start + 1 : 0;
            $end = strpos($this->lines, "\n", $start);
            $line = substr($this->lines, $start, ($end === false ? strlen($this->lines) : $end) - $start);
            $order = strcmp($word, explode(' ', $line, 2)[0]);
            if ($order === 0) {
                return $line;
            }
            if ($order < 0) {
                $high = $start > 0 ? $start - 1 : 0;
            } else {
                $low = $start + strlen($line) + 1;
            }
        }

        return null;
    }
}
