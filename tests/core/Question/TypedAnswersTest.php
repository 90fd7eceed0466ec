<?php

declare(strict_types=1);

namespace Tests\Core\Question;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Question;
use PHPUnit\Framework\TestCase;

/** What students type is taken for what they mean; what is something else is not. */
final class TypedAnswersTest extends TestCase
{
    public function test_each_typed_answer_is_marked_as_a_teacher_would(): void
    {
        $marked = array_map(
            static fn (array $case): array => [$case[0], $case[1], self::question($case[0])->mark($case[1])->isRight()],
            require __DIR__.'/typed-answers.php',
        );
        self::assertSame(require __DIR__.'/typed-answers.php', $marked);
    }

    /** “Write 2.5 km in m”: the same length in km is no answer, and the student is told so and may try again. */
    public function test_the_form_that_is_asked_for_is_asked_for(): void
    {
        foreach ([
            ['Write 2.5 km in m', '2500 m', '2.5 km', 'in m'],
            ['Write 40 L in cm³', '40000 cm³', '40 L', 'in cm³'],
            ['Write 6/8 as a decimal', '0.75', '6/8', 'as a decimal'],
            ['Start at 8, jump 3 right', '11', '8 + 3', 'the way to the answer'],
            ['Write 0.4 as a percentage', '40%', '0.4', 'percent'],
        ] as [$prompt, $answer, $typed, $told]) {
            self::assertTrue(self::question($answer, $prompt)->mark($answer)->isRight());
            try {
                self::assertFalse(self::question($answer, $prompt)->mark($typed)->isRight(), $prompt);
            } catch (InvalidAnswer $error) {
                self::assertStringContainsString($told, $error->getMessage());
            }
        }
    }

    private static function question(string $answer, string $prompt = ''): Question
    {
        return Question::from(new Fields(['type' => 'number', 'marks' => 1, 'prompt' => $prompt, 'value' => $answer]));
    }
}
