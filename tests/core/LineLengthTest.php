<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\OurFiles;

/** A line has at most 140 characters; a sentence stands whole on its line, and so does a type of a docblock. */
final class LineLengthTest extends TestCase
{
    private const LIMIT = 140;

    /** A text of fewer characters could have been broken around. */
    private const WHOLE_TEXT = 50;

    private const FOLDERS = ['app', 'core', 'config', 'database', 'routes', 'tests'];

    public function test_lines_can_be_read_without_scrolling(): void
    {
        $long = [];
        foreach (OurFiles::in(...self::FOLDERS) as $name => $path) {
            array_push($long, ...array_map(static fn (int $line): string => "{$name}:{$line}", self::longLines($path)));
        }
        self::assertSame([], $long);
    }

    /** @return list<int> numbers of lines, from 1 */
    private static function longLines(string $path): array
    {
        $source = (string) file_get_contents($path);
        $lengths = array_map(mb_strlen(...), explode("\n", $source));
        if (max($lengths) <= self::LIMIT) {
            return [];
        }
        $text = '';
        $isQuoted = false;
        foreach (PhpToken::tokenize($source) as $token) {
            $isQuoted = $token->text === '"' ? ! $isQuoted : $isQuoted;
            $text .= $token->text;
            if ($isQuoted) {
                continue;
            }
            $isText = $token->is(T_CONSTANT_ENCAPSED_STRING) || $token->text === '"' || str_starts_with($token->text, '/** @');
            if (str_contains($token->text, "\n")) {
                self::excuse($lengths, $token);
            } elseif ($isText && mb_strlen($text) >= self::WHOLE_TEXT) {
                $lengths[$token->line - 1] -= mb_strlen($text);
            }
            $text = '';
        }
        $long = array_keys(array_filter($lengths, static fn (int $length): bool => $length > self::LIMIT));

        return array_map(static fn (int $line): int => $line + 1, $long);
    }

    /**
     * Lines of a text over several lines, and types of a docblock.
     *
     * @param  array<int, int>  $lengths by line
     */
    private static function excuse(array &$lengths, PhpToken $token): void
    {
        foreach (explode("\n", $token->text) as $number => $line) {
            if ($token->is([T_ENCAPSED_AND_WHITESPACE, T_CONSTANT_ENCAPSED_STRING, T_INLINE_HTML]) || str_contains($line, ' * @')) {
                $lengths[$token->line - 1 + $number] = 0;
            }
        }
    }
}
