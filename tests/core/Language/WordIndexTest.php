<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Daybright\Language\WordIndex;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WordIndexTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'what is called so comes first' => ['leaf', ['leaf', 'maple leaf', 'tree']];
        yield 'in the plural, and with capitals' => ['Leaves', ['leaf', 'maple leaf', 'tree']];
        yield 'a plural that is found by one' => ['cherry', ['cherries']];
        yield 'the beginning of a word' => ['map', ['maple leaf']];
        yield 'all words, in any order' => ['leaf maple', ['maple leaf']];
        yield 'a word that stands elsewhere' => ['wood', ['tree']];
        yield 'no letters' => [' ?! ', []];
        yield 'a word that nothing has' => ['sundial', []];
        yield 'one of two words is missing' => ['maple sundial', []];
        yield 'a word that ends in s by itself' => ['glass', ['glass']];
        yield 'a short one' => ['bus', ['bus']];
    }

    /** @param  list<string>  $found */
    #[DataProvider('searches')]
    public function test_things_are_found_by_words_as_people_type_them(string $typed, array $found): void
    {
        $index = WordIndex::of([
            ['tree', 'tree', ['wood', 'leaves', 'forest']],
            ['maple leaf', 'maple leaf', ['autumn', 'falling']],
            ['cherries', 'cherries', ['fruit']],
            ['leaf', 'leaf', ['green']],
            ['glass', 'glass', ['drink']],
            ['bus', 'bus', ['vehicle']],
        ]);
        self::assertSame($found, $index->find($typed, 10));
    }

    public function test_no_more_are_found_than_asked_for(): void
    {
        $index = WordIndex::of(array_map(static fn (int $number): array => [$number, "star {$number}", []], range(1, 30)));
        self::assertSame([1, 2, 3], $index->find('star', 3));
    }
}
