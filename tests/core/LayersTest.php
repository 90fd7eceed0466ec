<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\OurFiles;

/** Dependencies in core point one way: a layer uses those above it in this list, and never one below. */
final class LayersTest extends TestCase
{
    private const LAYERS = [
        'Maths',
        'Language',
        'Scene',
        'Lesson',
        'Figure',
        'Worked',
        'Question',
        'Block',
        'Deck',
        'Recording',
        'Release',
        'Timing',
        'Handout',
        'Watching',
        'Format',
        'Ready',
    ];

    /** @return iterable<string, array{string}> */
    public static function layers(): iterable
    {
        foreach (self::LAYERS as $layer) {
            yield $layer => [$layer];
        }
    }

    public function test_every_folder_of_core_is_a_layer(): void
    {
        $folders = array_map(basename(...), glob(__DIR__.'/../../core/*', GLOB_ONLYDIR) ?: []);
        self::assertEqualsCanonicalizing(self::LAYERS, $folders);
    }

    #[DataProvider('layers')]
    public function test_a_layer_uses_only_those_before_it(string $layer): void
    {
        $allowed = array_slice(self::LAYERS, 0, (int) array_search($layer, self::LAYERS, true) + 1);
        $wrong = [];
        foreach (OurFiles::in("core/{$layer}") as $path) {
            preg_match_all('/\bDaybright\\\\(\w+)\\\\\w+/', (string) file_get_contents($path), $names, PREG_SET_ORDER);
            foreach ($names as [$name, $used]) {
                if (! in_array($used, $allowed, true)) {
                    $wrong[] = basename($path).' uses '.$name;
                }
            }
        }
        self::assertSame([], $wrong);
    }
}
