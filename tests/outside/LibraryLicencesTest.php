<?php

declare(strict_types=1);

namespace Tests\Outside;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the library says of its drawings, against what their packages say of themselves. */
final class LibraryLicencesTest extends TestCase
{
    /** SPDX identifiers (spdx.org/licenses) and what lesson documents call them. */
    private const LICENCES = ['MIT' => 'mit', 'CC-BY-SA-4.0' => 'cc by-sa'];

    /** @return iterable<string, array{string, string}> */
    public static function sources(): iterable
    {
        yield 'flat' => ['flat', 'fluent-emoji-flat'];
        yield 'line' => ['line', 'openmoji'];
    }

    #[DataProvider('sources')]
    public function test_the_licence_and_the_credit_are_those_of_the_package(string $source, string $package): void
    {
        $folder = __DIR__.'/../../node_modules/@iconify-json/'.$package;
        /** @var array{name: string, author: array{name: string}, license: array{spdx: string}} $info */
        $info = json_decode((string) file_get_contents($folder.'/info.json'), true);
        /** @var array{license: string} $published */
        $published = json_decode((string) file_get_contents($folder.'/package.json'), true);
        self::assertSame($info['license']['spdx'], $published['license']);
        /** @var list<array{id: string, credit: string, licence: string}> $entries */
        $entries = require __DIR__.'/../../storage/framework/library/words.php';
        $own = array_filter($entries, static fn (array $entry): bool => str_starts_with($entry['id'], $source.'/'));
        self::assertGreaterThan(1000, count($own));
        foreach ($own as $entry) {
            self::assertSame(self::LICENCES[$info['license']['spdx']], $entry['licence'], $entry['id']);
            self::assertStringContainsString($info['author']['name'], $entry['credit'], $entry['id']);
        }
    }
}
