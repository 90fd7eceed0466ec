<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\MarkedPassage\MarkedPassage;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class MarkedPassageTest extends TestCase
{
    use ChecksFigures;

    public function test_evidence_and_numbers_of_a_passage(): void
    {
        $facts = self::facts(MarkedPassage::from(new Fields(MarkedPassage::blank())));
        self::assertSame(
            ['noon … Her shadow lay at her feet, short', 'shadow reached the gate', '42', '4'],
            [$facts['evidence a'], $facts['evidence b'], $facts['words'], $facts['sentences']],
        );
    }

    public function test_marks_that_fit_nothing_are_refused(): void
    {
        $passage = ['passage' => 'Four words are here.', 'questions' => 'Why?'];
        self::assertRefused(
            MarkedPassage::class,
            $passage + ['marks' => [['from' => 2, 'to' => 4, 'question' => 0]]],
            'marks',
            'beyond the end',
        );
        self::assertRefused(
            MarkedPassage::class,
            $passage + ['marks' => [['from' => 1, 'to' => 2, 'question' => 1]]],
            'marks',
            'no longer there',
        );
        self::assertRefused(MarkedPassage::class, ['passage' => ''] + $passage, 'passage', 'still empty');
    }

    public function test_all_words_are_seen_in_order_and_every_line_has_its_number(): void
    {
        foreach (self::randomFigures(16) as $figure) {
            $texts = array_map(
                static fn ($shape): string => trim($shape->written()),
                array_filter(self::drawn($figure, $figure->smallest())['passage'], static fn ($shape): bool => $shape->isText()),
            );
            $lines = array_values(array_filter(
                $texts,
                static fn (string $text, int $number): bool => $number % 2 === 1,
                ARRAY_FILTER_USE_BOTH,
            ));
            self::assertSame(implode(' ', array_merge(...$figure->paragraphs)), implode(' ', $lines));
        }
    }

    /** @return non-empty-list<MarkedPassage> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $words = ['shadow', 'the', 'a', 'remembered', 'stone,', 'in', '“Not', 'yet,”', 'nevertheless', 'it', 'was.', 'Noon'];
        $figures = [];
        for ($round = 0; $round < 60; $round++) {
            $count = mt_rand(8, 130);
            $passage = implode(' ', array_map(static fn (): string => $words[mt_rand(0, 11)], range(1, $count)));
            $from = mt_rand(0, $count - 4);
            $figures[] = MarkedPassage::from(new Fields([
                'passage' => mt_rand(0, 1) === 1 ? preg_replace('/ /', "\n", $passage, 1) : $passage,
                'questions' => "How do we know it was noon?\nWho speaks here, and to whom does she speak?",
                'marks' => [['from' => $from, 'to' => $from + mt_rand(0, 3), 'question' => 0], ['from' => 2, 'to' => 6, 'question' => 1]],
            ]));
        }

        return $figures;
    }
}
