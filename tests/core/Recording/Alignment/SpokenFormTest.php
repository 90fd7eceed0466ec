<?php

declare(strict_types=1);

namespace Tests\Core\Recording\Alignment;

use Daybright\Recording\Alignment\Script;
use Daybright\Recording\Alignment\ScriptWord;
use Daybright\Recording\Alignment\SpokenForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpokenFormTest extends TestCase
{
    /** @return iterable<array{string, string}> as they are read aloud in class (common practice) */
    public static function written(): iterable
    {
        yield ['shadow,', 'shadow'];
        yield ['“o’clock”', "o'clock"];
        yield ['well-known', 'well known'];
        yield ['7', 'seven'];
        yield ['42', 'forty two'];
        yield ['105', 'one hundred and five'];
        yield ['1,250', 'one thousand two hundred and fifty'];
        yield ['1066', 'one thousand and sixty six'];
        yield ['1492', 'fourteen ninety two'];
        yield ['1900', 'nineteen hundred'];
        yield ['1805', 'eighteen oh five'];
        yield ['9.81', 'nine point eight one'];
        yield ['m/s²', 'metres per second squared'];
        yield ['60%', 'sixty percent'];
        yield ['H₂O', 'h two o'];
        yield ['3×4', 'three times four'];
        yield ['½', 'half'];
        yield ['–', ''];
    }

    #[DataProvider('written')]
    public function test_what_is_written_is_said(string $written, string $said): void
    {
        self::assertSame($said, implode(' ', SpokenForm::of($written)));
    }

    public function test_sentences_end_at_full_stops_and_lines(): void
    {
        $script = Script::read("The Sun is low. Its shadow is long!\nAt noon, it is short");
        self::assertSame(['The Sun is low.', 'Its shadow is long!', 'At noon, it is short'], array_map(
            static fn (array $words): string => implode(' ', array_map(static fn (ScriptWord $word): string => $word->text, $words)),
            array_values($script->sentences()),
        ));
        self::assertSame([0, 0, 0, 2, 0, 0, 0, 2, 0, 1, 0, 0, 0], array_map(
            static fn (ScriptWord $word): int => $word->pause,
            $script->words,
        ));
        self::assertSame([], Script::read(" \n ")->words);
        self::assertSame(['zwölf'], Script::read('Zwölf.', 'de')->words[0]->spoken);
    }
}
