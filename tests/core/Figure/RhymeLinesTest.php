<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\RhymeLines\RhymeLines;
use Daybright\Figure\RhymeLines\VerseForm;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class RhymeLinesTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /** Verses long out of copyright, from memory; their patterns are named in every handbook of verse. */
    public function test_patterns_of_well_known_verses(): void
    {
        $verses = [
            ["Tyger Tyger, burning bright,\nIn the forests of the night;", 'AA', 'couplets'],
            [
                "I wandered lonely as a cloud\nThat floats on high o'er vales and hills,\nWhen all at once I saw a crowd,\nA host, of golden daffodils",
                'ABAB',
                'alternate rhyme',
            ],
            [
                "It is an ancient Mariner,\nAnd he stoppeth one of three.\nBy thy long grey beard and glittering eye,\nNow wherefore stopp'st thou me?",
                'ABCB',
                'the ballad pattern',
            ],
            [
                "I sometimes hold it half a sin\nTo put in words the grief I feel;\nFor words, like Nature, half reveal\nAnd half conceal the Soul within.",
                'ABBA',
                'enclosed rhyme',
            ],
            [
                "There was an Old Man with a beard,\nWho said, 'It is just as I feared!\nTwo Owls and a Hen,\nFour Larks and a Wren,\nHave all built their nests in my beard!'",
                'AABBA',
                'a limerick',
            ],
            [
                "My mistress' eyes are nothing like the sun;\nCoral is far more red than her lips' red;\nIf snow be white, why then her breasts are dun;\nIf hairs be wires, black wires grow on her head.\nI have seen roses damasked, red and white,\nBut no such roses see I in her cheeks;\nAnd in some perfumes is there more delight\nThan in the breath that from my mistress reeks.\nI love to hear her speak, yet well I know\nThat music hath a far more pleasing sound;\nI grant I never saw a goddess go;\nMy mistress, when she walks, treads on the ground.\nAnd yet, by heaven, I think my love as rare\nAs any she belied with false compare.",
                'ABABCDCDEFEFGG',
                'a Shakespearean sonnet',
            ],
            [
                "O wild West Wind, thou breath of Autumn's being,\nThou, from whose unseen presence the leaves dead\nAre driven, like ghosts from an enchanter fleeing,\nYellow, and black, and pale, and hectic red,\nPestilence-stricken multitudes: O thou,\nWho chariotest to their dark wintry bed",
                'ABABCB',
                'terza rima',
            ],
        ];
        foreach ($verses as [$verse, $pattern, $form]) {
            $facts = self::facts(self::of($verse));
            self::assertSame([$pattern, $form], [$facts['pattern'], $facts['form']]);
        }
    }

    /** Schemes of handbooks of verse. */
    public function test_forms_are_named_by_their_pattern(): void
    {
        foreach ([
            'AABB' => 'couplets',
            'ABABCDCD' => 'alternate rhyme',
            'ABBACDDC' => 'enclosed rhyme',
            'AABAB' => 'a pattern of its own',
            'ABABCC' => 'a pattern of its own',
            'ABBAABBACDECDE' => 'a Petrarchan sonnet',
            'ABABABCC' => 'ottava rima',
            'ABABBCC' => 'rhyme royal',
            'ABABCBCDC' => 'terza rima',
            'ABABCBCDCD' => 'terza rima',
            'AABBACCDDC' => 'limericks',
            'ABCD' => 'no rhyme',
            'BBDDB' => 'a limerick',
        ] as $pattern => $form) {
            self::assertSame($form, VerseForm::named($pattern), $pattern);
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

    /** @return non-empty-list<RhymeLines> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $ends = ['cat', 'hat', 'moon', 'June', 'silver', 'day', 'way', 'shadow', 'Zorblat', 'meadow'];
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $lines = array_map(
                static fn (): string => [
                    'The light falls on the',
                    'O',
                    'And nobody remembers any more the',
                ][mt_rand(0, 2)].' '.$ends[mt_rand(0, 9)],
                range(0, mt_rand(1, 13)),
            );
            $figures[] = self::of(implode("\n", $lines));
        }

        return $figures;
    }

    private static function of(string $verse, string $letters = ''): RhymeLines
    {
        return RhymeLines::from(new Fields(['verse' => $verse, 'letters' => $letters]));
    }
}
