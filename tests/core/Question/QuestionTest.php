<?php

declare(strict_types=1);

namespace Tests\Core\Question;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Question;
use Daybright\Question\ThinkingTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionTest extends TestCase
{
    /** @return iterable<array{string, int}> answer, marks of two */
    public static function numbers(): iterable
    {
        yield ['2400 cm³', 2];
        yield ['2,400 cm3', 2];
        yield ['2.4 litres', 2];
        yield ['2400 cubic centimetres', 2];
        yield ['2405 cm³', 2];
        yield ['2411 cm³', 0];
        yield ['2400', 1];
        yield ['2400 cm', 1];
        yield ['240 cm³', 0];
    }

    #[DataProvider('numbers')]
    public function test_a_number_is_marked_with_its_unit_and_tolerance(string $given, int $earned): void
    {
        $question = self::question(['type' => 'number', 'value' => '2400', 'unit' => 'cm³', 'tolerance' => '10', 'marks' => 2]);
        self::assertSame($earned, $question->mark($given)->earned);
    }

    /** @return iterable<array{string, string, string, int}> value, unit, answer as students type it, marks of two */
    public static function typed(): iterable
    {
        yield ['1.5', 'm', '1,5 m', 2];
        yield ['1500', 'm', '1,500 m', 2];
        yield ['12', 'm²', '12 sq m', 2];
        yield ['12', 'm²', '12 m^2', 2];
        yield ['20', '°C', '20 C', 2];
        yield ['20', '°C', '20 degrees', 2];
        yield ['90', 'min', '1 h 30 min', 2];
        yield ['5', '£', '5 pounds', 2];
        yield ['6', 'lb', '6 pounds', 2];
        yield ['5', '£', '500p', 2];
        yield ['25', '%', '25', 1];
        yield ['25', '%', '0.25', 2];
        yield ['25', '%', '25 percent', 2];
        yield ['6', 'pages', '6', 2];
        yield ['6', 'pages', '6 pages', 2];
        yield ['6', 'pages', '6 cm', 1];
        yield ['7', '', 'seven', 2];
        yield ['3/4', '', 'three quarters', 2];
        yield ['7', '', 'x = 7', 2];
        yield ['7', 'cm', 'about 7 cm.', 2];
        yield ['63', 'in', '5 ft 3 in', 2];
        yield ['63', 'in', '5\'3"', 2];
        yield ['100', 'kg', '100 kgs', 2];
        yield ['60', 'km/h', '60 kph', 2];
        yield ['3', 'A', '3A', 2];
        yield ['20', '°', '20 C', 1];
    }

    #[DataProvider('typed')]
    public function test_numbers_are_read_as_students_type_them(string $value, string $unit, string $given, int $earned): void
    {
        self::assertSame(
            $earned,
            self::question(['type' => 'number', 'value' => $value, 'unit' => $unit, 'marks' => 2])->mark($given)->earned,
        );
    }

    /** @return iterable<array{string, string|null}> answer, slip */
    public static function slips(): iterable
    {
        yield 'the edges added' => ['21 cm³', 'The edges were added'];
        yield 'the same in another unit' => ['0.021 litres', 'The edges were added'];
        yield 'the same without its unit' => ['21', 'The edges were added'];
        yield 'the right number as a length' => ['168 cm', 'This is a length'];
        yield 'the right number without a unit' => ['168', null];
        yield 'another number' => ['20 cm³', null];
        yield 'the number of a slip in a unit of another kind' => ['21 kg', null];
        yield 'the right answer' => ['168 cm³', null];
        yield 'no number at all' => ['a lot', null];
    }

    #[DataProvider('slips')]
    public function test_a_wrong_number_is_told_as_the_slip_that_gives_it(string $given, ?string $slip): void
    {
        $question = self::question(['type' => 'number', 'value' => '168', 'unit' => 'cm³', 'marks' => 2, 'slips' => [
            ['id' => 'a', 'value' => '21', 'unit' => 'cm³', 'why' => 'The edges were added'],
            ['id' => 'b', 'value' => '168', 'unit' => 'cm', 'why' => 'This is a length'],
            ['id' => 'c', 'value' => 'not a number', 'unit' => '', 'why' => 'Never'],
        ]]);
        self::assertSame($slip, $question->slip($given));
    }

    public function test_a_choice_is_marked_and_names_the_slip(): void
    {
        $question = self::question([
            'type' => 'choice',
            'marks' => 1,
            'choices' => [
                ['id' => 'a', 'text' => 'noon', 'right' => true],
                ['id' => 'b', 'text' => 'dawn', 'right' => false, 'slip' => 'A low Sun makes a long shadow.'],
            ],
        ]);
        self::assertTrue($question->mark('a')->isRight());
        self::assertSame('Not yet. A low Sun makes a long shadow.', $question->mark('b')->sentence);
        self::assertSame('A low Sun makes a long shadow.', $question->slip('b'));
        self::assertNull($question->slip('a'));
        self::assertSame('dawn', $question->readable('b'));
        self::assertSame('noon', $question->answer());
        $this->expectException(InvalidAnswer::class);
        $question->mark('c');
    }

    public function test_words_wait_for_the_teacher(): void
    {
        $marking = self::question(['type' => 'text', 'value' => 'Because.', 'marks' => 3])->mark('  It is  so ');
        self::assertNull($marking->earned);
        self::assertNull($marking->isRight());
        self::assertSame(3, $marking->outOf);
    }

    /** @return iterable<array{string, string}> */
    public static function unusable(): iterable
    {
        yield ['number', '   '];
        yield ['number', 'a lot'];
        yield ['text', ''];
        yield ['text', str_repeat('a', 4001)];
    }

    #[DataProvider('unusable')]
    public function test_a_blank_or_unreadable_answer_is_refused_with_a_sentence(string $type, string $given): void
    {
        $this->expectException(InvalidAnswer::class);
        self::question(['type' => $type, 'value' => '5', 'marks' => 1])->mark($given);
    }

    public function test_what_the_teacher_still_has_to_fill_in(): void
    {
        self::assertStringContainsString(
            'does not ask',
            (string) self::question(['type' => 'text', 'value' => 'x', 'prompt' => ' ', 'marks' => 1])->unfinished(),
        );
        self::assertStringContainsString(
            'cannot be read',
            (string) self::question(['type' => 'number', 'value' => 'five', 'marks' => 1])->unfinished(),
        );
        self::assertStringContainsString(
            'None of the answers',
            (string) self::question([
                'type' => 'choice',
                'marks' => 1,
                'choices' => [['id' => 'a', 'text' => 'x', 'right' => false], ['id' => 'b', 'text' => 'y', 'right' => false]],
            ])->unfinished(),
        );
        self::assertNull(self::question(['type' => 'number', 'value' => '5', 'unit' => 'm', 'marks' => 1])->unfinished());
    }

    public function test_time_to_think_follows_from_the_marks_unless_the_teacher_says(): void
    {
        // A minute a mark and two to think: common practice.
        self::assertSame(180, ThinkingTime::seconds(null, 1));
        self::assertSame(420, ThinkingTime::seconds(null, 5));
        self::assertSame(20, ThinkingTime::seconds(20, 5));
        self::assertSame(3, ThinkingTime::seconds(1, 1));
    }

    /** @param  array<string, mixed>  $content */
    private static function question(array $content): Question
    {
        return Question::from(new Fields($content + ['prompt' => 'How much?']));
    }
}
