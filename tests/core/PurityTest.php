<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\OurFiles;

/** core/ imports nothing of a framework and touches no file, process, clock or random source. */
final class PurityTest extends TestCase
{
    private const ALLOWED = '~^(?:Daybright|Brick\\\\Math)\\\\|^(?:'.self::BUILT_IN.'|DOM[A-Za-z]+|'.self::SEEDED_CHANCE.')$~';

    private const BUILT_IN = 'Closure|DomainException|RuntimeException|Throwable|JsonException|stdClass|WeakMap';

    private const SEEDED_CHANCE = 'Random\\\\(?:Randomizer|Engine\\\\[A-Za-z0-9]+)';

    private const FORBIDDEN = '~\b('.self::FILES.'|'.self::PROCESSES.'|'.self::CLOCKS.'|'.self::CHANCE.'|'.self::SURROUNDINGS.')\s*\(~';

    private const FILES = 'file_get_contents|file_put_contents|fopen|fwrite|readfile|unlink';

    private const PROCESSES = 'exec|shell_exec|proc_open|system|passthru|popen|curl_init';

    private const CLOCKS = 'time|microtime|hrtime|date';

    private const CHANCE = 'rand|mt_rand|random_int|random_bytes';

    private const SURROUNDINGS = 'getenv|putenv|app|config|env';

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (OurFiles::in('core') as $name => $path) {
            yield $name => [$path];
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
