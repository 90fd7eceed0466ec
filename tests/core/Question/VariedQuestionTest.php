<?php

declare(strict_types=1);

namespace Tests\Core\Question;

use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;
use Daybright\Question\Question;
use Daybright\Question\VariedQuestion;
use PHPUnit\Framework\TestCase;

final class VariedQuestionTest extends TestCase
{
    private static function item(): Variation
    {
        return Variation::ask(
            [],
            'How much?',
            self::centimetres(12),
            ['added' => self::centimetres(9), 'squared' => self::centimetres(100)],
            '0.1',
        );
    }

    private static function centimetres(int $number): Quantity
    {
        return Quantity::of($number, Units::read('cm'));
    }

    public function test_a_number_is_typed_and_knows_the_common_slips(): void
    {
        $content = VariedQuestion::typed(self::item());
        self::assertSame(['number', '12', 'cm', '0.1'], [$content['type'], $content['value'], $content['unit'], $content['tolerance']]);
        self::assertSame(['9', '100'], array_column($content['slips'], 'value'));
        $question = Question::from(new Fields($content));
        self::assertTrue($question->mark('12.1 cm')->isRight());
        self::assertSame('squared', $question->slip('100 cm'));
    }

    public function test_choices_stand_in_order_of_size(): void
    {
        $content = VariedQuestion::toChoose(self::item());
        self::assertSame(["9\u{A0}cm", "12\u{A0}cm", "100\u{A0}cm"], array_column($content['choices'], 'text'));
        self::assertSame([false, true, false], array_column($content['choices'], 'right'));
        self::assertCount(3, array_unique(array_column($content['choices'], 'id')));
        self::assertSame('squared', $content['choices'][2]['slip'] ?? null);
    }

    public function test_an_answer_in_words_is_always_chosen(): void
    {
        $item = Variation::ask([], 'What is it?', 'a cardioid', ['the loop is inside' => 'a limaçon with an inner loop']);
        self::assertSame('choice', VariedQuestion::typed($item)['type']);
    }
}
