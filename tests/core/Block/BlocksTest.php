<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockKind;
use Daybright\Block\Blocks;
use Daybright\Block\Piece;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Stops;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Medium;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** What every kind of block must keep to, and what each one does of its own. */
final class BlocksTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function filled(): iterable
    {
        yield 'heading' => ['heading', ['text' => 'The *Sun*']];
        yield 'text' => ['text', ['text' => "- low Sun\n- long shadow"]];
        yield 'term' => ['term', ['word' => 'noon', 'meaning' => 'the Sun is highest', 'hook' => 'no shadow at noon', 'picture' => 'gate']];
        yield 'picture' => ['picture', ['medium' => 'gate', 'caption' => 'At the gate']];
        yield 'figure' => ['figure', ['figure' => 'solid', 'quantities' => ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm']]];
        yield 'worked' => ['worked', ['task' => 'Add', 'lines' => [['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'sum'], ['id' => 'b', 'formula' => '', 'reason' => 'done']]]];
        yield 'choice' => ['question', ['type' => 'choice', 'prompt' => 'When?', 'marks' => 2, 'choices' => [['id' => 'x', 'text' => 'noon', 'right' => true], ['id' => 'y', 'text' => 'dawn', 'right' => false]]]];
        yield 'pause' => ['pause', ['prompt' => 'Try it.', 'marks' => 1, 'seconds' => null]];
        yield 'instructions' => ['instructions', ['items' => ['Put up a stick.', 'Mark its shadow.']]];
    }

    /** @param  array<string, mixed>  $content */
    #[DataProvider('filled')]
    public function test_what_is_drawn_and_told_belongs_to_the_pieces_a_kind_names(string $kind, array $content): void
    {
        $block = Blocks::kind($kind);
        $fields = new Fields($content);
        $names = [Piece::MAIN, ...array_map(static fn (Piece $piece): string => $piece->name, $block->pieces($fields))];
        self::assertSame($names, array_values(array_unique($names)), 'two pieces share a name');
        foreach ([600.0, 1430.0] as $width) {
            $layout = $block->layout($fields, new Room($width, 500, 34, self::setting()));
            self::assertSame([], array_diff(array_keys($layout->pieces), $names), 'something drawn has no piece');
            self::assertSame([], array_diff(array_keys($block->words($fields, self::setting())), $names), 'something told has no piece');
            foreach (array_merge(...array_values($layout->pieces)) as $shape) {
                self::assertTrue((new Box(0, 0, $width, $layout->height))->holds($shape->box, 12), "{$kind} draws outside its box: {$shape->written()}");
            }
        }
        self::assertNotSame('', implode('', $block->words($fields, self::setting())));
    }

    public function test_a_new_block_of_any_kind_can_be_drawn_at_once(): void
    {
        foreach (Blocks::all() as $name => $kind) {
            self::assertSame($name, $kind->name());
            self::assertNotSame('', $kind->label());
            $layout = $kind->layout(new Fields($kind->blank()), new Room(800, 400, 34, self::setting()));
            self::assertGreaterThanOrEqual(0, $layout->height, $name);
            if ($kind instanceof Unfinished && $name !== 'figure') {
                self::assertNotNull($kind->missing(new Fields($kind->blank())), "{$name}: nothing is missing in a blank block");
            }
        }
    }

    public function test_blocks_that_stop_the_lesson_say_for_how_long_and_what_to_do(): void
    {
        $stops = array_filter(Blocks::all(), static fn (BlockKind $kind): bool => $kind instanceof Stops);
        self::assertSame(['question', 'pause'], array_keys($stops));
        $pause = new Fields(['prompt' => 'Try it.', 'marks' => 2]);
        self::assertSame(240, $stops['pause']->waits($pause));
        self::assertSame('Try it.', $stops['pause']->asks($pause));
        $question = ['type' => 'text', 'prompt' => 'Why?', 'marks' => 1, 'value' => 'Because.'];
        self::assertSame(180, $stops['question']->waits(new Fields($question)));
        self::assertSame(45, $stops['question']->waits(new Fields(['seconds' => 45] + $question)));
        self::assertNull($stops['question']->waits(new Fields(['stops' => false] + $question)));
    }

    public function test_only_a_question_asks_one_and_only_some_kinds_show_pictures(): void
    {
        $asking = array_keys(array_filter(Blocks::all(), static fn (BlockKind $kind): bool => $kind instanceof AsksQuestion));
        self::assertSame(['question'], $asking);
        $showing = array_filter(Blocks::all(), static fn (BlockKind $kind): bool => $kind instanceof ShowsPictures);
        self::assertSame(['term', 'picture', 'figure', 'question'], array_keys($showing));
        self::assertSame(['gate'], $showing['picture']->media(new Fields(['medium' => 'gate'])));
        self::assertSame([], $showing['picture']->media(new Fields(['medium' => null])));
        self::assertSame(['gate'], $showing['term']->media(new Fields(['picture' => 'gate'])));
    }

    public function test_a_credit_stands_under_its_picture(): void
    {
        $layout = Blocks::kind('picture')->layout(new Fields(['medium' => 'gate', 'caption' => '']), new Room(800, 500, 34, self::setting()));
        $written = implode(' ', array_map(static fn ($shape): string => $shape->written(), $layout->pieces[Piece::MAIN]));
        self::assertStringContainsString('Mina · CC-BY', $written);
    }

    public function test_reasons_stand_beside_the_working_where_there_is_room_and_under_it_where_not(): void
    {
        $content = new Fields(['task' => '', 'lines' => [['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'the sum']]]);
        $reason = static function (float $width) use ($content): Box {
            $texts = array_values(array_filter(Blocks::kind('worked')->layout($content, new Room($width, null, 34, self::setting()))->pieces['a'], static fn ($shape): bool => str_contains($shape->written(), 'the sum')));

            return $texts[0]->box;
        };
        self::assertGreaterThan(600, $reason(1400)->x);
        self::assertLessThan(100, $reason(600)->x);
        self::assertGreaterThan($reason(1400)->y, $reason(600)->y);
    }

    public function test_an_unknown_kind_is_named(): void
    {
        $this->expectException(InvalidLesson::class);
        $this->expectExceptionMessage('“hologram” is not a kind of block');
        Blocks::kind('hologram');
    }

    private static function setting(): Setting
    {
        $gate = new Medium('gate', 'gate.svg', 'image/svg+xml', 1200, 480, str_repeat('0', 64), 'A boy at a gate', 'Mina', 'cc-by');

        return new Setting(Slides::typesetter(), PartKind::Explain, ['gate' => $gate], []);
    }
}
