<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\RhymeLines\RhymeLines;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class RhymeLinesTest extends TestCase
{
    use ChecksFigures;

    /** Verses long out of copyright, from memory; their patterns are named in every handbook of verse. */
    public function test_patterns_of_well_known_verses(): void
    {
        $verses = [
            ["Tyger Tyger, burning bright,\nIn the forests of the night;", 'AA', 'couplets'],
            ["I wandered lonely as a cloud\nThat floats on high o'er vales and hills,\nWhen all at once I saw a crowd,\nA host, of golden daffodils", 'ABAB', 'alternate rhyme'],
            ["It is an ancient Mariner,\nAnd he stoppeth one of three.\nBy thy long grey beard and glittering eye,\nNow wherefore stopp'st thou me?", 'ABCB', 'the ballad pattern'],
            ["I sometimes hold it half a sin\nTo put in words the grief I feel;\nFor words, like Nature, half reveal\nAnd half conceal the Soul within.", 'ABBA', 'enclosed rhyme'],
        ];
        foreach ($verses as [$verse, $pattern, $form]) {
            $facts = self::facts(self::of($verse));
            self::assertSame([$pattern, $form], [$facts['pattern'], $facts['form']]);
        }
    }

    public function test_letters_set_by_hand_win(): void
    {
        // “love” and “prove” rhyme for the eye only.
        $verse = "Come live with me and be my love,\nAnd we will all the pleasures prove";
        self::assertSame('AB', self::facts(self::of($verse))['pattern']);
        self::assertSame('AA', self::facts(self::of($verse, 'A A'))['pattern']);
        self::assertSame('BB', self::facts(self::of("the cat\nthe hat", 'B ?'))['pattern'], 'the sound of a line set by hand goes on');
        self::assertRefused(RhymeLines::class, ['verse' => $verse, 'letters' => 'A'], 'letters', '1 letters for 2 lines');
        self::assertRefused(RhymeLines::class, ['verse' => "one\n123"], 'verse', 'ends without a word');
    }

    public function test_beats_of_a_line(): void
    {
        // Common metre: eight beats and six in turn.
        $facts = self::facts(self::of("The shadow of the garden wall\nLies long upon the lawn;"));
        self::assertSame(['8', '6'], [$facts['beats a'], $facts['beats b']]);
    }

    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $ends = ['cat', 'hat', 'moon', 'June', 'silver', 'day', 'way', 'shadow', 'Zorblat', 'meadow'];
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $lines = array_map(static fn (): string => ['The light falls on the', 'O', 'And nobody remembers any more the'][mt_rand(0, 2)].' '.$ends[mt_rand(0, 9)], range(0, mt_rand(1, 13)));
            $figures[] = self::of(implode("\n", $lines));
        }

        return $figures;
    }

    private static function of(string $verse, string $letters = ''): RhymeLines
    {
        return RhymeLines::from(new Fields(['verse' => $verse, 'letters' => $letters]));
    }
}
