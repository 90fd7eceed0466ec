<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Daybright\Language\Phrase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PhraseTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, string}> the browser is held to the same (tests/web/phrase.test.ts) */
    public static function phrases(): iterable
    {
        $phrases = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/phrases.json'), true);
        foreach (is_array($phrases) ? $phrases : [] as $phrase) {
            yield "{$phrase['name']} in {$phrase['text']}" => [$phrase['text'], $phrase['from'], $phrase['to'], $phrase['name']];
        }
    }

    #[DataProvider('phrases')]
    public function test_a_phrase_is_called_by_itself_and_found_again(string $text, int $from, int $to, string $name): void
    {
        $words = explode(' ', $text);
        self::assertSame($name, Phrase::name($words, $from, $to));
        self::assertSame([$from, $to], Phrase::find($words, $name));
        self::assertSame([$from + 2, $to + 2], Phrase::find(['Look', 'here:', ...$words], $name));
        self::assertNull(Phrase::find(['nothing', 'of', 'that'], $name));
    }

    public function test_a_word_is_called_without_the_signs_around_it(): void
    {
        self::assertSame(
            ['cat', 'o’clock', 'well-known', '–', '7:30', '3.5', 'x', 'Not'],
            array_map(Phrase::word(...), ['cat.', 'o’clock', 'well-known,', '–', '7:30!', '3.5', '(x)', '“Not']),
        );
    }
}
