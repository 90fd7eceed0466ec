<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\SoundBoxes\SoundBoxes;
use Daybright\Language\Pronunciation;
use Daybright\Language\Spelling;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class SoundBoxesTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /**
     * The sounds are the CMU Pronouncing Dictionary's own entries: SHADOW  SH AE1 D OW0, KNIGHT  N AY1 T, BOX  B AA1 K S, THOUGHT  TH
     * AO1 T.
     */
    public function test_letters_are_matched_to_the_sounds_of_the_dictionary(): void
    {
        $expected = [
            'shadow' => ['sh · a · d · ow', '4', '2'],
            'knight' => ['kn · igh · t', '3', '1'],
            'box' => ['b · o · x', '4', '1'],
            'thought' => ['th · ough · t', '3', '1'],
            'sheep' => ['sh · ee · p', '3', '1'],
            'duck' => ['d · u · ck', '3', '1'],
            'rabbit' => ['r · a · bb · i · t', '5', '2'],
            'phone' => ['ph · o_e · n', '3', '1'],
            'sundial' => ['s · u · n · d · ia · l', '6', '2'],
            'church' => ['ch · ur · ch', '3', '1'],
            'bridge' => ['b · r · i · dge', '4', '1'],
            'wrist' => ['wr · i · s · t', '4', '1'],
        ];
        foreach ($expected as $word => [$split, $sounds, $syllables]) {
            $facts = self::facts(self::of($word));
            self::assertSame([$split, $sounds, $syllables], [$facts['split'], $facts['sounds'], $facts['beats']]);
        }
    }

    public function test_the_teachers_own_split_wins(): void
    {
        $facts = self::facts(self::of('box', 'b-o-x'));
        self::assertSame(['3', 'b · o · x'], [$facts['sounds'], $facts['split']]);
        self::assertSame('4', self::facts(self::of('zorblat', 'z-or-bl-at'))['sounds'], 'a word of no dictionary');
        self::assertRefused(SoundBoxes::class, ['word' => 'ship', 'split' => 's-h-p'], 'split', 'exactly its letters');
        self::assertRefused(SoundBoxes::class, ['word' => 'zorblat'], 'split', 'not in the dictionary');
        self::assertRefused(SoundBoxes::class, ['word' => 'two words'], 'word', 'not one word');
    }

    /**
     * Long vowels by the CMU Pronouncing Dictionary's own entries: CAKE  K EY1 K, CUBE  K Y UW1 B, HAVE  HH AE1 V, SMILES  S M AY1 L Z,
     * BATHE  B EY1 DH, ICE  AY1 S.
     */
    public function test_an_e_that_makes_the_vowel_say_its_name_belongs_to_it(): void
    {
        $splits = array_map(
            static fn (string $word): string => self::facts(self::of($word))['split'],
            ['cake', 'cube', 'have', 'smiles', 'come', 'tree', 'bathe', 'ice', 'bridge', 'table'],
        );
        self::assertSame(
            [
                'c · a_e · k',
                'c · u_e · b',
                'h · a · ve',
                's · m · i_e · l · s',
                'c · o · me',
                't · r · ee',
                'b · a_e · th',
                'i_e · c',
                'b · r · i · dge',
                't · a · b · le',
            ],
            $splits,
        );
        self::assertSame('3', self::facts(self::of('cake', 'c-a_e-k'))['sounds']);
        self::assertRefused(SoundBoxes::class, ['word' => 'cake', 'split' => 'c-k-a_e'], 'split', 'exactly its letters');
        self::assertRefused(SoundBoxes::class, ['word' => 'cake', 'split' => 'c-a-k_e'], 'split', 'exactly its letters');
    }

    public function test_nearly_all_common_words_can_be_cut(): void
    {
        $lines = explode("\n", require __DIR__.'/../../../core/Language/Data/words.php');
        $tried = $cut = 0;
        foreach ($lines as $number => $line) {
            [$word, $sounds] = array_pad(explode(' ', $line), 2, '');
            if ($number % 40 !== 0 || $sounds === '' || ! ctype_alpha($sounds[0]) || strlen($word) > 9) {
                continue;
            }
            $tried++;
            $match = Spelling::match($word, Pronunciation::read($sounds));
            if ($match !== null) {
                $cut++;
                self::assertSame($word, implode('', array_column($match, 0)));
            }
        }
        self::assertGreaterThan(500, $tried);
        self::assertGreaterThan(0.97, $cut / $tried);
    }

    protected static function differentItems(int $kind): int
    {
        return 20;
    }

    /** @return non-empty-list<SoundBoxes> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $words = [
            'cat',
            'shadow',
            'knight',
            'wonderful',
            'thought',
            'strength',
            'butterfly',
            'queen',
            'box',
            'rhythm',
            'afternoon',
            'through',
            'sundial',
            'make',
            'island',
            'smiles',
            'telescope',
        ];
        $figures = array_map(static fn (string $word): SoundBoxes => self::of($word), $words);
        for ($round = 0; $round < 120; $round++) {
            $word = $words[mt_rand(0, 16)];
            $split = implode('-', str_split($word, mt_rand(1, 3)));
            $figures[] = self::of($word, $split);
        }

        return $figures;
    }

    private static function of(string $word, string $split = ''): SoundBoxes
    {
        return SoundBoxes::from(new Fields(['word' => $word, 'split' => $split]));
    }
}
