<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\WordBuilder\WordBuilder;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class WordBuilderTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_pieces_are_joined_as_english_joins_them(): void
    {
        $facts = self::facts(self::of("hop\nhope\ntry\nplay\nwash", "-ed\n-ing\n-s"));
        foreach (['hopped', 'hopping', 'hops', 'hoped', 'hoping', 'tried', 'trying', 'tries', 'played', 'washes'] as $word) {
            self::assertStringContainsString($word, $facts['words']);
        }
        self::assertStringNotContainsString('hopeed', $facts['words']);
    }

    public function test_doubled_and_changed_letters_make_words(): void
    {
        $made = fn (string $beginnings, string $endings): string => self::facts(self::of($beginnings, $endings))['words'];
        self::assertSame(
            'travelled, preferred, quizzed, opened, visited, controlled',
            $made("travel\nprefer\nquiz\nopen\nvisit\ncontrol", '-ed'),
        );
        self::assertSame('dying, lying, dyeing, singeing, seeing', $made("die\nlie\ndye\nsinge\nsee", '-ing'));
    }

    public function test_no_word_is_shown_that_no_child_should_meet(): void
    {
        $builder = self::of("sh\nb", "-it\n-ip");
        self::assertSame('ship, bit', self::facts($builder)['words']);
        self::assertSame(['ship', 'bit', 'bip'], array_column($builder->task()['items'], 'text'));
    }

    /** The three sounds of -ed (every phonics handbook): /t/ after a voiceless sound, /d/ after a voiced one, /ɪd/ after t and d. */
    public function test_the_sounds_of_an_ending(): void
    {
        $facts = self::facts(self::of("walk\nplay\nwant\nlaugh\nneed", '-ed'));
        self::assertSame('/t/ in walked, laughed, /d/ in played, /ɪd/ in wanted, needed', $facts['sound a']);
    }

    public function test_what_is_no_word_is_marked_so(): void
    {
        $builder = self::of("un\nre", "happy\nplay");
        self::assertSame('unhappy, replay', self::facts($builder)['words']);
        self::assertSame(['group-1', 'group-2', 'group-2', 'group-1'], array_column($builder->task()['items'], 'group'));
        self::assertRefused(WordBuilder::class, ['beginnings' => 'h0p', 'endings' => '-ed'], 'beginnings', 'letters only');
        self::assertRefused(WordBuilder::class, ['beginnings' => '', 'endings' => '-ed'], 'beginnings', 'from 1 to 8');
    }

    protected static function differentItems(int $kind): int
    {
        return 20;
    }

    public function test_every_practice_word_is_joined_by_its_rule(): void
    {
        $builder = WordBuilder::from(new Fields(WordBuilder::blank()));
        for ($seed = 1; $seed <= 300; $seed++) {
            foreach ([1, 2, 3] as $level) {
                $item = $builder->vary($seed, $level);
                preg_match('/^Join “(\w+)” and “-(\w+)”/u', $item->prompt, $match);
                [$word, $ending] = [$match[1] ?? '', $match[2] ?? ''];
                $expected = [
                    1 => $word.substr($word, -1).$ending,
                    2 => substr($word, 0, -1).$ending,
                    3 => substr($word, 0, -1).'i'.$ending,
                ][$level];
                self::assertSame($expected, $item->answer);
            }
        }
    }

    /** @return non-empty-list<WordBuilder> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $beginnings = array_slice(['hop', 'play', 'want', 'laugh', 'make', 'carry', 'wonder', 'think'], 0, mt_rand(1, 8));
            $endings = array_slice(['-ed', '-ing', '-er', '-s', '-ful'], mt_rand(0, 2), mt_rand(1, 3));
            $figures[] = self::of(implode("\n", $beginnings), implode("\n", $endings));
        }

        return $figures;
    }

    private static function of(string $beginnings, string $endings): WordBuilder
    {
        return WordBuilder::from(new Fields(['beginnings' => $beginnings, 'endings' => $endings]));
    }
}
