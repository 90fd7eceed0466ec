<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpToken;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\OurFiles;

/** A regular expression of more than 80 characters is put together from parts that have names. */
final class PatternLengthTest extends TestCase
{
    private const LIMIT = 80;

    /** A text between two like delimiters, with modifiers behind. */
    private const PATTERN = '{^[\'"]([/~#])(.*)\1[a-zA-Z]*[\'"]$}su';

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (OurFiles::in('app', 'core', 'tests') as $name => $path) {
            yield $name => [$path];
        }
    }

    #[DataProvider('files')]
    public function test_long_patterns_have_named_parts(string $path): void
    {
        $long = array_filter(
            PhpToken::tokenize((string) file_get_contents($path)),
            static fn (PhpToken $token): bool => $token->is(T_CONSTANT_ENCAPSED_STRING)
                && preg_match(self::PATTERN, $token->text, $match) === 1
                && mb_strlen($match[2]) > self::LIMIT,
        );
        self::assertSame([], array_map(static fn (PhpToken $token): int => $token->line, array_values($long)));
    }
}
