<?php

declare(strict_types=1);

namespace Tests\Core\Language;

use Daybright\Language\Dictionary;
use Daybright\Language\ReadingLevel;
use Daybright\Language\Rhyme;
use Daybright\Language\Syllables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LanguageTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> word, sounds in the CMU dictionary's own letters, beats */
    public static function entries(): iterable
    {
        // Entries of the CMU Pronouncing Dictionary, from memory: stress left out.
        yield 'shadow' => ['shadow', 'SH AE D OW', 2];
        yield 'knight' => ['knight', 'N AY T', 1];
        yield 'measure' => ['measure', 'M EH ZH ER', 2];
        yield 'wonderful' => ['wonderful', 'W AH N D ER F AH L', 3];
        yield 'church' => ['Church', 'CH ER CH', 1];
        yield 'thing' => ['thing', 'TH IH NG', 1];
        yield 'this' => ['this', 'DH IH S', 1];
        yield 'oil' => ['oil', 'OY L', 1];
    }

    #[DataProvider('entries')]
    public function test_sounds_and_beats_are_those_of_the_dictionary(string $word, string $sounds, int $syllables): void
    {
        $pronunciation = Dictionary::shipped()->pronunciation($word);
        self::assertNotNull($pronunciation);
        self::assertSame($sounds, implode(' ', array_map(static fn ($sound): string => $sound->name, $pronunciation->sounds)));
        self::assertSame($syllables, $pronunciation->syllables());
    }

    public function test_every_word_is_found_by_halving_and_no_other(): void
    {
        $lines = explode("\n", require __DIR__.'/../../../core/Language/Data/words.php');
        self::assertGreaterThan(60000, count($lines));
        foreach ([0, 1, 2, 777, 30000, count($lines) - 2, count($lines) - 1] as $number) {
            self::assertTrue(Dictionary::shipped()->hasWord(explode(' ', $lines[$number])[0]) || str_contains($lines[$number], '~'));
        }
        foreach (['', 'aaaaaaa', 'zzzzzz', 'shado', 'shadowx', 'hopeed'] as $no) {
            self::assertFalse(Dictionary::shipped()->hasWord($no), $no);
        }
        self::assertNull((new Dictionary(''))->pronunciation('a'));
        self::assertFalse(Dictionary::shipped()->hasWord('june'), 'a name');
        self::assertSame(1, Dictionary::shipped()->pronunciation('June')?->syllables());
    }

    public function test_beats_by_rule_are_nearly_always_those_of_the_dictionary(): void
    {
        $lines = explode("\n", require __DIR__.'/../../../core/Language/Data/words.php');
        $tried = $right = 0;
        foreach ($lines as $number => $line) {
            [$word, $sounds] = array_pad(explode(' ', $line), 2, '');
            if ($number % 25 === 0 && $sounds !== '' && ctype_alpha($sounds[0])) {
                $tried++;
                $right += Syllables::byRule($word) === Dictionary::shipped()->pronunciation($word)?->syllables() ? 1 : 0;
            }
        }
        self::assertGreaterThan(1000, $tried);
        self::assertGreaterThan(0.82, $right / $tried);
    }

    public function test_school_words_have_the_beats_of_general_dictionaries(): void
    {
        $counted = [];
        $expected = require __DIR__.'/school-words.php';
        foreach (array_keys($expected) as $word) {
            $counted[$word] = Syllables::count($word);
        }
        self::assertSame($expected, $counted);
        // Words in no dictionary, split by hand as the groups of their vowels.
        self::assertSame([1, 2, 4, 2], array_map(Syllables::count(...), ['vlog', 'Zorblat', 'Borogany', 'rebloome']));
    }

    public function test_quotation_marks_are_no_beats(): void
    {
        // Lines of Edward Lear and Lewis Carroll, from memory; beats counted by ear.
        self::assertSame(3, Syllables::countInLine("'Who are you?'"));
        self::assertSame(8, Syllables::countInLine('There was an Old Man with a beard'));
        self::assertSame(7, Syllables::countInLine('‘You are old, Father William,’'));
        self::assertSame(0, Syllables::countInLine('– 3 + 4 –'));
    }

    public function test_a_weak_vowel_has_its_own_letter(): void
    {
        // The second vowel of “disagree” is AH0 in the CMU dictionary.
        self::assertSame('dɪsəgri', Dictionary::shipped()->pronunciation('disagree')?->ipa());
        self::assertSame('fɑðɚ', Dictionary::shipped()->pronunciation('father')?->ipa());
    }

    public function test_abbreviations_and_decimals_end_no_sentence(): void
    {
        foreach ([
            'Dr. Smith went to St. Ives at 3.15 p.m. He came home late.' => 2,
            'Mr. and Mrs. Lamb live at No. 7. They have a cat.' => 2,
            'We met J. K. Ashdown, e.g. at tea. Who came? Nobody!' => 3,
            'The rope is 2.5 m long. It weighs approx. 3 kg.' => 2,
            'It starts at 9 a.m. on Monday.' => 1,
            'She said, “Stop!” He did.' => 2,
            'A heading'."\n".'and its line' => 2,
        ] as $text => $sentences) {
            self::assertSame($sentences, ReadingLevel::sentencesIn($text), $text);
        }
    }

    public function test_no_child_is_shown_a_word_that_is_unfit(): void
    {
        self::assertTrue(Dictionary::shipped()->isUnfit('shitty'));
        self::assertFalse(Dictionary::shipped()->hasWord('shitty'));
        foreach (['spices', 'cocky', 'assess', 'grass', 'therapist', 'scunthorpe'] as $word) {
            self::assertFalse(Dictionary::shipped()->isUnfit($word), $word);
        }
    }

    public function test_the_published_formulas_of_flesch_and_kincaid(): void
    {
        // Worked from the published formulas by hand: 100 words in 5 sentences with 140 beats.
        $level = ReadingLevel::counted(5, 100, 140);
        self::assertEqualsWithDelta(206.835 - 1.015 * 20 - 84.6 * 1.4, $level->ease(), 1e-9);
        self::assertEqualsWithDelta(0.39 * 20 + 11.8 * 1.4 - 15.59, $level->grade(), 1e-9);
        // “The cat sat on the mat.” has a reading ease of 116 and a grade of −1.45 (the example that reference works give for these
        // formulas; from memory).
        $cat = ReadingLevel::measure('The cat sat on the mat.');
        self::assertNotNull($cat);
        self::assertEqualsWithDelta(116.145, $cat->ease(), 0.001);
        self::assertEqualsWithDelta(-1.45, $cat->grade(), 0.001);
        self::assertNull(ReadingLevel::measure(' 12 – 14 '));
    }

    public function test_endings_rhyme_by_sound_and_not_by_letters(): void
    {
        foreach ([
            ['so bright', 'the white!', true],
            ['I go', 'the snow,', true],
            ['the cough', 'the dough', false],
            ['unkind', 'my mind', true],
            ['a Zorblat', 'the Gorblat', true],
            ['my vlog', 'the dog', true],
            ['a selfie', 'a shelfie', true],
            ['the fire', 'much higher', true],
            ['it cost', 'they lost', true],
            ['we talk', 'the lock', false],
            ['she said ‘red.’', 'in bed', true],
            ['my body', 'shoddy', true],
            ['the sky', 'lullaby', true],
            ['a happy', 'lately', false],
        ] as [$one, $other, $rhymes]) {
            self::assertSame($rhymes, Rhyme::ending($one) === Rhyme::ending($other), "{$one} / {$other}");
        }
    }
}
