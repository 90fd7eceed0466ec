<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** core/ imports nothing of a framework and touches no file, process, clock or random source. */
final class PurityTest extends TestCase
{
    private const ALLOWED = '~^(Daybright|Brick\\\\Math)\\\\|^(Closure|DomainException|RuntimeException|Throwable|JsonException|stdClass|WeakMap|DOM[A-Za-z]+|Random\\\\(Randomizer|Engine\\\\[A-Za-z0-9]+))$~';

    private const FORBIDDEN = '~\b(file_get_contents|file_put_contents|fopen|fwrite|readfile|unlink|exec|shell_exec|proc_open|system|passthru|popen|curl_init|time|microtime|hrtime|date|rand|mt_rand|random_int|random_bytes|getenv|putenv|app|config|env)\s*\(~';

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            __DIR__.'/../../core',
            RecursiveDirectoryIterator::SKIP_DOTS,
        )) as $file) {
            // The list of words is data: some of its lines begin with “use”.
            if ($file->getExtension() === 'php' && basename($file->getPath()) !== 'Data') {
                yield substr($file->getPathname(), strlen(__DIR__.'/../../')) => [$file->getPathname()];
            }
        }
    }

    #[DataProvider('files')]
    public function test_imports_and_calls_stay_inside(string $file): void
    {
        $code = (string) file_get_contents($file);
        preg_match_all('/^use ([\w\\\\]+)/m', $code, $imports);
        foreach ($imports[1] as $import) {
            self::assertMatchesRegularExpression(self::ALLOWED, $import);
        }
        $withoutComments = (string) preg_replace('~/\*.*?\*/|//[^\n]*~s', '', $code);
        // Method names such as ->format( are fine; free functions of the outside are not.
        self::assertDoesNotMatchRegularExpression('~(?<![>:$\\w])(?<!function )'.substr(self::FORBIDDEN, 1), $withoutComments);
        self::assertStringContainsString('declare(strict_types=1);', $code);
    }

    public function test_the_guard_catches_an_import_of_the_framework(): void
    {
        self::assertDoesNotMatchRegularExpression(self::ALLOWED, 'Illuminate\\Support\\Str');
        self::assertMatchesRegularExpression(self::FORBIDDEN, '$x = file_get_contents($path);');
    }
}
