<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** A script as words in sentences. */
final readonly class Script
{
    /** @param  list<ScriptWord>  $words */
    private function __construct(public array $words, public string $language)
    {
    }

    /**
     * @param  string  $text a line ends a sentence, as a full stop does
     * @param  string  $language ISO 639-1
     */
    public static function read(string $text, string $language = 'en'): self
    {
        $words = [];
        $number = 0;
        foreach (preg_split('/\R+|(?<=[.!?])\s+(?=[\p{Lu}“"])/u', trim($text)) ?: [] as $sentence) {
            $written = preg_split('/\s+/u', trim($sentence), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($written as $word) {
                $spoken = $language === 'en' ? SpokenForm::of($word) : self::asWritten($word);
                $words[] = new ScriptWord($word, $number, $spoken, self::pause($word));
            }
            $number += $written === [] ? 0 : 1;
        }

        return new self($words, $language);
    }

    /** @return array<int, array<int, ScriptWord>> by number of the sentence and of the word */
    public function sentences(): array
    {
        $sentences = [];
        foreach ($this->words as $number => $word) {
            $sentences[$word->sentence][$number] = $word;
        }

        return $sentences;
    }

    /** @return list<string> */
    private static function asWritten(string $word): array
    {
        $token = (string) preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}%°]+$/u', '', $word);

        return $token === '' ? [] : [mb_strtolower($token)];
    }

    private static function pause(string $word): int
    {
        return match (true) {
            preg_match('/[.!?]["”)]*$/u', $word) === 1 => 2,
            preg_match('/[,;:]$/u', $word) === 1 => 1,
            default => 0,
        };
    }
}
