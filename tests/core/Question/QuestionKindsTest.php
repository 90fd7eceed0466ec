<?php

declare(strict_types=1);

namespace Tests\Core\Question;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\Question;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The kinds of question that the figures need. */
final class QuestionKindsTest extends TestCase
{
    private const CONTENTS = [
        'practice' => [
            'marks' => 3,
            'source' => 'figure',
            'maker' => 'plane-shape',
            'quantities' => ['shape' => 'rectangle', 'length' => '8', 'width' => '5', 'unit' => 'cm'],
            'seed' => 12,
            'count' => 3,
        ],
        'sort' => [
            'marks' => 4,
            'groups' => [['id' => 'g1', 'name' => 'Light'], ['id' => 'g2', 'name' => 'Mirror']],
            'items' => [
                ['id' => 'a', 'text' => 'Sun', 'group' => 'g1'],
                ['id' => 'b', 'text' => 'lamp', 'group' => 'g1'],
                ['id' => 'c', 'text' => 'Moon', 'group' => 'g2'],
                ['id' => 'd', 'text' => 'glass', 'group' => 'g2'],
            ],
        ],
        'order' => [
            'marks' => 3,
            'items' => [
                ['id' => 'a', 'text' => 'dawn'],
                ['id' => 'b', 'text' => 'noon'],
                ['id' => 'c', 'text' => 'dusk'],
                ['id' => 'd', 'text' => 'night'],
            ],
        ],
        'label' => [
            'marks' => 2,
            'picture' => 'p',
            'points' => [
                ['id' => 'a', 'name' => 'gnomon', 'x' => 0.1, 'y' => 0.2],
                ['id' => 'b', 'name' => 'dial / dial plate', 'x' => 0.5, 'y' => 0.5],
            ],
        ],
        'letters' => [
            'marks' => 4,
            'lines' => [
                ['id' => 'a', 'text' => 'wall', 'letter' => 'A'],
                ['id' => 'b', 'text' => 'lawn', 'letter' => 'B'],
                ['id' => 'c', 'text' => 'all', 'letter' => 'A'],
                ['id' => 'd', 'text' => 'dawn', 'letter' => 'B'],
            ],
        ],
        'truth' => ['marks' => 2, 'isTrue' => false, 'letter' => 'n', 'domain' => 'n is whole and n > 0', 'holds' => 'n² > 2n'],
        'highlight' => [
            'marks' => 2,
            'passage' => 'At noon her shadow lay short at her feet and she went home.',
            'evidence' => [['from' => 1, 'to' => 1], ['from' => 3, 'to' => 5]],
        ],
        'plan' => [
            'marks' => 3,
            'boxes' => [
                ['id' => 'a', 'name' => 'Opening', 'purpose' => 'begin', 'model' => 'A secret model'],
                ['id' => 'b', 'name' => 'Ending', 'model' => 'The end'],
            ],
        ],
        'tasks' => [
            'marks' => 2,
            'tasks' => [['id' => 'a', 'text' => 'Build a sundial.'], ['id' => 'b', 'text' => 'Draw three shadows of one stick.']],
            'value' => 'A secret: the shadow is told with its hour.',
        ],
        'reading' => ['marks' => 2, 'value' => '65', 'unit' => 'ml', 'tolerance' => '2.5'],
    ];

    /** @return iterable<string, array{string, mixed, int|null, 3?: string}> kind, given, marks, part of the sentence */
    public static function answers(): iterable
    {
        yield 'all in their groups' => ['sort', ['a' => 'g1', 'b' => 'g1', 'c' => 'g2', 'd' => 'g2'], 4];
        yield 'one in the wrong group' => ['sort', ['a' => 'g1', 'b' => 'g2', 'c' => 'g2', 'd' => 'g2'], 3, 'lamp'];
        yield 'the right order' => ['order', ['a', 'b', 'c', 'd'], 3];
        yield 'two halves swapped' => ['order', ['c', 'd', 'a', 'b'], 2, '2 of 3'];
        yield 'backwards' => ['order', ['d', 'c', 'b', 'a'], 0];
        yield 'names with articles and another right name' => ['label', ['a' => ' The Gnomon.', 'b' => 'Dial plate'], 2];
        yield 'one wrong name' => ['label', ['a' => 'shadow', 'b' => 'dial'], 1, 'part 1'];
        yield 'the same pattern in other letters' => ['letters', ['a' => 'X', 'b' => 'c', 'c' => 'x', 'd' => 'C'], 4];
        yield 'a line that goes with no other' => ['letters', ['a' => 'A', 'b' => 'B', 'c' => 'C', 'd' => 'B'], 3, '3 of 4'];
        yield 'a counterexample' => ['truth', ['verdict' => 'false', 'example' => '1'], 2];
        yield 'a counterexample with its letter' => ['truth', ['verdict' => 'false', 'example' => 'n = 2'], 2];
        yield 'a number for which it holds' => ['truth', ['verdict' => 'false', 'example' => '5'], 1, 'the claim holds'];
        yield 'a number outside the claim' => ['truth', ['verdict' => 'false', 'example' => '1/2'], 1, 'not one of the numbers'];
        yield 'true where it is false' => ['truth', ['verdict' => 'true'], 0, 'breaks'];
        yield 'all the evidence' => ['highlight', [1, 3, 4, 5], 2];
        yield 'half of the evidence' => ['highlight', [3, 4], 1, '1 of 2'];
        yield 'everything marked' => ['highlight', range(0, 12), 1, 'Mark only'];
        yield 'other words' => ['highlight', [8, 9], 0];
        yield 'a whole plan' => ['plan', ['a' => 'It begins', 'b' => 'It ends'], null];
        yield 'one of the tasks' => ['tasks', ['task' => 'b', 'words' => 'At ten it was 40 cm'], null];
        yield 'within half a division' => ['reading', '67.4 ml', 2];
        yield 'beyond half a division' => ['reading', '68 ml', 0, 'one division'];
        yield 'without its unit' => ['reading', '65', 1, 'unit is missing'];
    }

    #[DataProvider('answers')]
    public function test_marks(string $kind, mixed $given, ?int $earned, string $sentence = ''): void
    {
        $marking = self::mark($kind, $given);
        self::assertSame($earned, $marking->earned);
        self::assertSame(self::CONTENTS[$kind]['marks'], $marking->outOf);
        if ($sentence !== '') {
            self::assertStringContainsString($sentence, $marking->sentence);
        }
    }

    public function test_what_is_written_down_as_right_earns_all_marks(): void
    {
        $tried = 0;
        foreach (array_keys(self::CONTENTS) as $kind) {
            $right = self::question($kind)->rightAnswer();
            if ($right !== null) {
                self::assertTrue(self::question($kind)->mark($right)->isRight(), $kind);
                $tried++;
            }
        }
        self::assertGreaterThanOrEqual(7, $tried);
    }

    public function test_a_practice_set_is_the_same_for_its_seed_and_marked_item_by_item(): void
    {
        $question = self::question('practice');
        $asked = $question->asked()['levels'];
        self::assertSame(['1', '2', '3'], array_column($asked, 'level'));
        self::assertCount(3, array_unique(array_column($asked[0]['items'], 'text')));
        self::assertEquals($asked, self::question('practice')->asked()['levels']);
        self::assertNotEquals($asked, self::question('practice', ['seed' => 13])->asked()['levels']);
        // “A rectangle is 14 cm long and 6 cm wide.”: the area of each, worked out here once more.
        $areas = array_map(static function (array $item): int {
            preg_match_all('/\d+/', $item['text'], $numbers);

            return (int) $numbers[0][0] * (int) $numbers[0][1];
        }, $asked[0]['items']);
        $given = ['level' => '1', 'q1' => "{$areas[0]} cm²", 'q2' => ($areas[1] / 10000).' m²', 'q3' => "{$areas[2]} cm2"];
        self::assertSame(3, $question->mark((string) json_encode($given))->earned);
        preg_match_all('/\d+/', $asked[0]['items'][1]['text'], $sides);
        $perimeter = 2 * ((int) $sides[0][0] + (int) $sides[0][1]);
        $marking = $question->mark((string) json_encode(['q2' => "{$perimeter} cm"] + $given));
        self::assertSame(2, $marking->earned);
        self::assertStringContainsString('Look again at 2: This is the perimeter.', $marking->sentence);
        self::assertStringStartsWith('This is the perimeter', (string) $marking->slip);
        self::assertStringContainsString("Level 1: {$areas[0]}\u{00A0}cm²", $question->answer());
    }

    /** @return iterable<array{string, mixed}> */
    public static function notYetWhole(): iterable
    {
        yield ['sort', ['a' => 'g1']];
        yield ['sort', 'no json'];
        yield ['order', ['a', 'b']];
        yield ['label', ['a' => 'gnomon', 'b' => ' ']];
        yield ['letters', ['a' => 'A', 'b' => '1', 'c' => 'A', 'd' => 'A']];
        yield ['truth', ['verdict' => 'perhaps']];
        yield ['truth', ['verdict' => 'false', 'example' => 'many']];
        yield ['highlight', []];
        yield ['plan', ['a' => 'only one']];
        yield ['tasks', ['words' => 'It was 40 cm']];
        yield ['tasks', ['task' => 'c', 'words' => 'It was 40 cm']];
        yield ['tasks', ['task' => 'a', 'words' => ' ']];
        yield ['reading', 'about there'];
        yield ['practice', ['q1' => '4']];
        yield ['practice', ['level' => '2', 'q1' => '4 cm']];
        yield ['sort', ['a' => ['deep' => ['nested' => ['too' => 'far']]]]];
    }

    #[DataProvider('notYetWhole')]
    public function test_what_is_not_whole_yet_is_sent_back_with_a_sentence(string $kind, mixed $given): void
    {
        $this->expectException(InvalidAnswer::class);
        self::mark($kind, $given);
    }

    public function test_nothing_that_is_sent_to_the_student_gives_the_answer_away(): void
    {
        foreach (self::CONTENTS as $kind => $content) {
            $question = self::question($kind);
            $asked = (string) json_encode($question->asked());
            foreach (['"group":', '"letter":"A"', 'secret', '"evidence"', '"value"', 'isTrue'] as $telling) {
                self::assertStringNotContainsString($telling, $asked, $kind);
            }
        }
        $mixed = array_column(self::question('order')->asked()['items'], 'id');
        self::assertNotSame(['a', 'b', 'c', 'd'], $mixed);
        self::assertSame($mixed, array_column(self::question('order')->asked()['items'], 'id'), 'mixed alike every time');
        self::assertSame(['dial', 'gnomon'], self::question('label')->asked()['names'], 'names in the order of the alphabet');
        self::assertSame([], self::question('label', ['bank' => false])->asked()['names']);
    }

    public function test_answers_as_they_are_read(): void
    {
        self::assertSame('Light: Sun, lamp; Mirror: Moon, glass', self::question('sort')->answer());
        self::assertSame('dawn → noon → dusk → night', self::question('order')->answer());
        self::assertSame('False, for example n = 1', self::question('truth')->answer());
        self::assertSame('“noon” … “shadow lay short”', self::question('highlight')->answer());
        self::assertSame('noon … lay short', self::question('highlight')->readable('[5,1,4]'));
        self::assertSame('False, n = 3', self::question('truth')->readable('{"verdict":"false","example":"3"}'));
        self::assertSame('A B A B', self::question('letters')->answer());
        self::assertSame('Opening: x Ending: y', self::question('plan')->readable('{"a":"x","b":"y"}'));
        self::assertSame('Task 2: so it was', self::question('tasks')->readable('{"task":"b","words":"so  it was"}'));
        self::assertSame('not json', self::question('sort')->readable('not json'));
    }

    /** @return iterable<array{string, array<string, mixed>, string}> */
    public static function unfinishedOnes(): iterable
    {
        yield ['sort', ['groups' => [['id' => 'g1', 'name' => 'x']]], 'at least two groups'];
        yield ['sort', ['items' => [['id' => 'a', 'text' => 'x', 'group' => 'g9']]], 'belong to no group'];
        yield ['order', ['items' => []], 'at least two things'];
        yield ['label', ['picture' => ''], 'no picture yet'];
        yield [
            'letters',
            ['lines' => [['id' => 'a', 'text' => 'x', 'letter' => ''], ['id' => 'b', 'text' => 'x', 'letter' => 'A']]],
            'no letter yet',
        ];
        yield ['truth', ['holds' => 'n is lucky'], 'cannot be checked'];
        yield ['truth', ['isTrue' => true], 'n = 1 breaks it'];
        yield ['truth', ['holds' => 'n + 1 > n'], 'no counterexample was found'];
        yield ['highlight', ['evidence' => []], 'No evidence'];
        yield ['highlight', ['evidence' => [['from' => 40, 'to' => 41]]], 'beyond the end'];
        yield ['practice', ['maker' => 'flow', 'quantities' => ['kind' => 'chain', 'boxes' => "a\nb"]], 'no question'];
        yield ['tasks', ['tasks' => [['id' => 'a', 'text' => 'Run.']]], 'at least two tasks'];
        yield ['tasks', ['tasks' => [['id' => 'a', 'text' => 'Run.'], ['id' => 'b', 'text' => ' ']]], 'says nothing'];
        yield ['tasks', ['value' => ''], 'no model answer'];
        yield ['plan', ['boxes' => [['id' => 'a', 'name' => 'x'], ['id' => 'b', 'name' => 'y']]], 'no model'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('unfinishedOnes')]
    public function test_what_the_teacher_still_has_to_do(string $kind, array $change, string $sentence): void
    {
        self::assertNull(self::question($kind)->unfinished());
        self::assertStringContainsString($sentence, (string) self::question($kind, $change)->unfinished());
    }

    private static function mark(string $kind, mixed $given): Marking
    {
        return self::question($kind)->mark(is_string($given) ? $given : (string) json_encode($given));
    }

    /** @param  array<string, mixed>  $change */
    private static function question(string $kind, array $change = []): Question
    {
        return Question::from(new Fields($change + ['type' => $kind, 'prompt' => 'Well?'] + self::CONTENTS[$kind]));
    }
}
