<?php

declare(strict_types=1);

namespace Tests\Core\Question;

use Daybright\Lesson\Fields;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Kinds\FillTable\FillTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FillTableTest extends TestCase
{
    private const ROWS = [
        ['Stick', 'Shadow', 'Season'],
        ['20 cm', '?31 cm', '?Summer'],
        ['40 cm', '62 cm', '?'],
        ['', '?{mean}', ''],
    ];

    private const RIGHT = ['1-1' => '31 cm', '1-2' => 'summer.', '2-2' => '3', '3-1' => '46.5 cm'];

    /** @return iterable<string, array{array<string, string>, int}> */
    public static function answers(): iterable
    {
        yield 'all right' => [[], 4];
        yield 'a number without its unit, which the column has' => [['1-1' => '31'], 4];
        yield 'in another unit of its kind' => [['1-1' => '310 mm'], 4];
        yield 'as a student types it' => [['1-1' => 'about 31,0 cm.'], 4];
        yield 'of another kind' => [['1-1' => '31 kg'], 3];
        yield 'off by less than it may be' => [['1-1' => '31.5'], 4];
        yield 'off by more' => [['1-1' => '31.6'], 3];
        yield 'another word' => [['1-2' => 'winter'], 3];
        yield 'words where anything measured will do' => [['2-2' => 'many'], 3];
        yield 'half wrong' => [['1-1' => '3', '1-2' => 'spring'], 2];
    }

    /** @param  array<string, string>  $given */
    #[DataProvider('answers')]
    public function test_each_cell_is_marked_by_itself(array $given, int $earned): void
    {
        $marking = self::table()->mark((string) json_encode($given + self::RIGHT), 4);
        self::assertSame($earned, $marking->earned);
        if ($earned < 4) {
            self::assertStringContainsString("{$earned} of 4 cells are right. Look again at row", $marking->sentence);
        }
    }

    public function test_what_is_right_can_be_written_down_unless_anything_measured_is(): void
    {
        self::assertNull(self::table()->rightAnswer());
        $closed = FillTable::from(new Fields(['rows' => [['2', '?two'], ['?5', ''], ['?{sum}', '']], 'hasHead' => false]));
        self::assertSame(['0-1' => 'two', '1-0' => '5', '2-0' => '7'], json_decode((string) $closed->rightAnswer(), true));
        self::assertSame(3, $closed->mark((string) $closed->rightAnswer(), 3)->earned);
    }

    public function test_an_empty_cell_is_named_and_nothing_is_marked(): void
    {
        $this->expectException(InvalidAnswer::class);
        $this->expectExceptionMessage('The cell in row 2, Season is still empty.');
        self::table()->mark((string) json_encode(['1-2' => ' '] + self::RIGHT), 4);
    }

    public function test_what_is_asked_gives_no_answer_away(): void
    {
        $asked = (string) json_encode(self::table()->asked());
        self::assertStringContainsString('62 cm', $asked);
        foreach (['31', 'Summer', '46.5', 'mean'] as $answer) {
            self::assertStringNotContainsString($answer, $asked);
        }
    }

    public function test_a_working_below_an_asked_cell_does_not_tell_it(): void
    {
        $table = FillTable::from(new Fields(['rows' => [['2'], ['?5'], ['{sum}']], 'hasHead' => false]));
        self::assertStringNotContainsString('7', (string) json_encode($table->asked()));
    }

    public function test_a_mean_that_does_not_end_is_right_as_the_table_shows_it(): void
    {
        $table = FillTable::from(new Fields(['rows' => [['1'], ['2'], ['2'], ['?{mean}']], 'hasHead' => false]));
        foreach (['1.67' => 1, '5/3' => 1, '1.7' => 0] as $given => $earned) {
            self::assertSame($earned, $table->mark((string) json_encode(['3-0' => (string) $given]), 1)->earned, (string) $given);
        }
    }

    public function test_the_answer_and_a_given_one_are_read_cell_by_cell(): void
    {
        self::assertSame(
            "Row 2, Shadow: 31 cm; Row 2, Season: Summer; Row 3, Season: what was measured; Row 4, Shadow: 46.5\u{A0}cm",
            self::table()->answer(),
        );
        self::assertSame('31 cm; summer.; 3; 46.5 cm', self::table()->readable((string) json_encode(self::RIGHT)));
        self::assertSame('not JSON', self::table()->readable('not JSON'));
    }

    public function test_a_tolerance_that_cannot_be_read_is_told(): void
    {
        $table = FillTable::from(new Fields(['rows' => self::ROWS, 'hasHead' => true, 'tolerance' => 'a bit']));
        self::assertStringContainsString('How far a cell may be off cannot be read.', (string) $table->unfinished());
    }

    private static function table(): FillTable
    {
        return FillTable::from(new Fields(['rows' => self::ROWS, 'hasHead' => true, 'tolerance' => '0.5']));
    }
}
