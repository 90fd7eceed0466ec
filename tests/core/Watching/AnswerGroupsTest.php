<?php

declare(strict_types=1);

namespace Tests\Core\Watching;

use Daybright\Watching\AnswerGroup;
use Daybright\Watching\AnswerGroups;
use PHPUnit\Framework\TestCase;

final class AnswerGroupsTest extends TestCase
{
    /**
     * @param  array<string, string>  $answers
     * @return array<string, string> what stands together, by what it has in common
     */
    private static function found(array $answers): array
    {
        $found = [];
        foreach (AnswerGroups::find($answers) as $group) {
            $found[implode(' ', $group->answers)] = $group->likeness->value;
        }

        return $found;
    }

    public function test_answers_without_a_word_stand_together(): void
    {
        self::assertSame(['a c' => 'blank', 'b' => 'single'], self::found(['a' => '…', 'b' => 'The Sun', 'c' => ' -?']));
    }

    public function test_the_same_words_stand_together_however_they_are_written(): void
    {
        self::assertSame(
            ['a b' => 'same', 'c' => 'single'],
            self::found(['a' => 'The Sun is high.', 'b' => 'the sun is HIGH', 'c' => 'The Sun is low.']),
        );
    }

    public function test_a_copy_with_a_word_changed_is_nearly_the_same_and_what_was_thought_alone_is_not(): void
    {
        $own = 'At noon the Sun stands highest, so its light falls steeply and the shadow of the stick is short.';
        $copied = 'At noon the Sun stands highest, so its light falls steeply and the shadow of the pole is short.';
        $other = 'Because the Sun has climbed in the sky by lunch, light comes from above and shadows shrink to their shortest.';
        self::assertSame(['a b' => 'alike', 'c' => 'single'], self::found(['a' => $own, 'b' => $copied, 'c' => $other]));
    }

    public function test_short_answers_that_share_most_words_are_not_called_copies(): void
    {
        self::assertSame(['a' => 'single', 'b' => 'single'], self::found(['a' => 'the sun is higher', 'b' => 'the sun is much higher']));
    }

    public function test_every_answer_stands_in_one_group(): void
    {
        $answers = [];
        for ($number = 0; $number < 60; $number++) {
            $ending = $number % 3 === 0 ? 'the same ending of all those answers here it is' : '';
            $answers["answer-{$number}"] = str_repeat("word{$number} ", $number % 5).$ending;
        }
        $ids = array_merge(...array_map(static fn (AnswerGroup $group): array => $group->answers, AnswerGroups::find($answers)));
        self::assertEqualsCanonicalizing(array_keys($answers), $ids);
    }
}
