<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockPiece;
use Daybright\Block\Blocks;
use Daybright\Block\KnowsFacts;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Pause\PauseBlock;
use Daybright\Block\Picture\PictureBlock;
use Daybright\Block\Question\QuestionBlock;
use Daybright\Block\Quotation\QuotationBlock;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Stops;
use Daybright\Block\Term\TermBlock;
use Daybright\Block\Unfinished;
use Daybright\Block\Worked\WorkedBlock;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\PartKind;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
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
        yield 'quotation' => ['quotation', ['text' => 'Fortunate hours alone I count.', 'source' => 'on a sundial at Larkfield']];
        yield 'term' => ['term', ['word' => 'noon', 'meaning' => 'the Sun is highest', 'hook' => 'no shadow at noon', 'picture' => 'gate']];
        yield 'picture' => ['picture', ['medium' => 'gate', 'caption' => 'At the gate']];
        yield 'comparison' => [
            'comparison',
            ['first' => 'gate', 'second' => 'gate', 'firstLabel' => 'in May', 'secondLabel' => 'now', 'border' => ['x' => 0.4, 'y' => 0.5]],
        ];
        yield 'figure' => [
            'figure',
            ['figure' => 'solid', 'quantities' => ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm']],
        ];
        yield 'worked' => [
            'worked',
            [
                'task' => 'Add',
                'lines' => [['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'sum'], ['id' => 'b', 'formula' => '', 'reason' => 'done']],
            ],
        ];
        yield 'choice' => [
            'question',
            [
                'type' => 'choice',
                'prompt' => 'When?',
                'marks' => 2,
                'choices' => [['id' => 'x', 'text' => 'noon', 'right' => true], ['id' => 'y', 'text' => 'dawn', 'right' => false]],
            ],
        ];
        yield 'link' => ['link', ['title' => 'A film', 'address' => 'https://larkfield.example/film', 'why' => 'See it.', 'minutes' => 2]];
        yield 'pause' => ['pause', ['prompt' => 'Try it.', 'marks' => 1, 'seconds' => null]];
        yield 'instructions' => ['instructions', ['items' => ['Put up a stick.', 'Mark its shadow.']]];
    }

    /** @param  array<string, mixed>  $content */
    #[DataProvider('filled')]
    public function test_what_is_drawn_and_told_belongs_to_the_pieces_a_kind_names(string $kind, array $content): void
    {
        $block = self::read($kind, $content);
        $names = [BlockPiece::MAIN, ...array_map(static fn (BlockPiece $piece): string => $piece->name, $block->pieces())];
        self::assertSame($names, array_values(array_unique($names)), 'two pieces share a name');
        foreach ([600.0, 1430.0] as $width) {
            $layout = $block->layout(new LayoutBounds($width, 500, 34, self::context()));
            self::assertSame([], array_diff(array_keys($layout->pieces), $names), 'something drawn has no piece');
            self::assertSame([], array_diff(array_keys($block->words(self::context())), $names), 'something told has no piece');
            foreach (array_merge(...array_values($layout->pieces)) as $shape) {
                self::assertTrue(
                    (new Box(0, 0, $width, $layout->height))->holds($shape->box, 12),
                    "{$kind} draws outside its box: {$shape->written()}",
                );
            }
        }
        self::assertNotSame('', implode('', $block->words(self::context())));
    }

    public function test_a_new_block_of_any_kind_can_be_drawn_at_once(): void
    {
        foreach (Blocks::CATALOGUE as $kind) {
            self::assertNotSame('', $kind::label());
            $block = self::read($kind::name(), $kind::blank());
            $layout = $block->layout(new LayoutBounds(800, 400, 34, self::context()));
            self::assertGreaterThanOrEqual(0, $layout->height, $kind);
            if ($block instanceof Unfinished && ! $block instanceof KnowsFacts) {
                self::assertNotNull($block->missing(), "{$kind}: nothing is missing in a blank block");
            }
        }
    }

    public function test_blocks_that_stop_the_lesson_say_for_how_long_and_what_to_do(): void
    {
        self::assertSame(['question', 'pause', 'table'], self::kindsThat(Stops::class));
        $pause = PauseBlock::from(new Fields(['prompt' => 'Try it.', 'marks' => 2]));
        self::assertSame(240, $pause->waits());
        self::assertSame('Try it.', $pause->asks());
        $question = ['type' => 'text', 'prompt' => 'Why?', 'marks' => 1, 'value' => 'Because.'];
        self::assertSame(180, QuestionBlock::from(new Fields($question))->waits());
        self::assertSame(45, QuestionBlock::from(new Fields(['seconds' => 45] + $question))->waits());
        self::assertNull(QuestionBlock::from(new Fields(['stops' => false] + $question))->waits());
    }

    public function test_a_quotation_needs_its_source_and_its_sums_are_left_alone(): void
    {
        $read = static fn (string $text, string $source): QuotationBlock => QuotationBlock::from(new Fields([
            'text' => $text,
            'source' => $source,
        ]));
        self::assertStringContainsString('whose words', (string) $read('Carpe diem.', '')->missing());
        self::assertNull($read('Two and two is five.', 'a novel')->missing());
        self::assertNotContains(
            '2 + 2 = 5',
            array_map(static fn (Statement $statement): string => $statement->text, $read('2 + 2 = 5', 'a novel')->statements()),
        );
    }

    public function test_only_some_kinds_can_ask_and_only_some_show_pictures(): void
    {
        self::assertSame(['question', 'table'], self::kindsThat(AsksQuestion::class));
        self::assertSame(['term', 'picture', 'comparison', 'clip', 'figure', 'question'], self::kindsThat(ShowsPictures::class));
        self::assertSame(['gate'], PictureBlock::from(new Fields(['medium' => 'gate']))->media());
        self::assertSame([], PictureBlock::from(new Fields(['medium' => null]))->media());
        self::assertSame(['gate'], TermBlock::from(new Fields(['picture' => 'gate']))->media());
    }

    public function test_a_credit_stands_under_its_picture(): void
    {
        $layout = PictureBlock::from(new Fields([
            'medium' => 'gate',
            'caption' => '',
        ]))->layout(new LayoutBounds(800, 500, 34, self::context()));
        $written = implode(' ', array_map(static fn ($shape): string => $shape->written(), $layout->pieces[BlockPiece::MAIN]));
        self::assertStringContainsString('Mina · CC-BY', $written);
    }

    public function test_a_reason_stands_under_its_line_and_one_without_a_line_is_set_as_a_sentence(): void
    {
        $worked = WorkedBlock::from(new Fields([
            'task' => '',
            'lines' => [
                ['id' => 'a', 'formula' => '2 + 3 = 5', 'reason' => 'the sum'],
                ['id' => 'b', 'formula' => '', 'reason' => 'So there are five.'],
            ],
        ]));
        $pieces = $worked->layout(new LayoutBounds(1400, null, 50, self::context()))->pieces;
        $text = static fn (string $piece, string $words): Shape => array_values(array_filter(
            $pieces[$piece],
            static fn (Shape $shape): bool => str_contains($shape->written(), $words),
        ))[0];
        $formula = array_values(array_filter($pieces['a'], static fn (Shape $shape): bool => $shape->markup !== null))[0];
        self::assertGreaterThan($formula->box->bottom() - 1, $text('a', 'the sum')->box->y);
        self::assertSame(36.0, $text('a', 'the sum')->attributes['font-size']);
        self::assertSame(50.0, $text('b', 'five')->attributes['font-size']);
    }

    public function test_a_choice_that_is_right_is_ringed_and_nothing_is_written_twice(): void
    {
        $question = QuestionBlock::from(new Fields([
            'type' => 'choice',
            'prompt' => 'When?',
            'marks' => 1,
            'choices' => [
                ['id' => 'a', 'text' => 'early', 'right' => false],
                ['id' => 'b', 'text' => 'at noon', 'right' => true],
            ],
        ]));
        $pieces = $question->layout(new LayoutBounds(1400, null, 50, self::context()))->pieces;
        self::assertCount(1, $pieces['answer']);
        self::assertSame('', $pieces['answer'][0]->written());
        $card = array_values(array_filter(
            $pieces[BlockPiece::MAIN],
            static fn (Shape $shape): bool => $shape->element === 'rect' && $shape->box == $pieces['answer'][0]->box,
        ));
        self::assertCount(1, $card);
        $words = array_values(array_filter(
            $pieces[BlockPiece::MAIN],
            static fn (Shape $shape): bool => str_contains($shape->written(), 'at noon'),
        ))[0];
        self::assertTrue($card[0]->box->holds($words->box, 6));
    }

    public function test_cards_in_a_row_spread_to_the_height_that_they_are_given(): void
    {
        $card = TermBlock::from(new Fields(['word' => 'noon', 'meaning' => 'when the Sun is highest', 'hook' => '', 'picture' => 'gate']));
        $measured = $card->layout(new LayoutBounds(420, null, 44, self::context()));
        $spread = $card->layout(new LayoutBounds(420, $measured->height + 120, 44, self::context()));
        self::assertEqualsWithDelta($measured->height + 120, $spread->height, 0.01);
        $bottom = static fn (array $shapes): float => max(array_map(static fn (Shape $shape): float => $shape->box->bottom(), $shapes));
        self::assertEqualsWithDelta($bottom($measured->pieces['meaning']) + 120, $bottom($spread->pieces['meaning']), 0.01);
    }

    public function test_an_unknown_kind_is_named(): void
    {
        $this->expectException(InvalidLesson::class);
        $this->expectExceptionMessage('“hologram” is not a kind of block');
        Blocks::called('hologram');
    }

    /** @param  array<string, mixed>  $content */
    private static function read(string $kind, array $content): BlockContent
    {
        return Blocks::called($kind)::from(new Fields($content));
    }

    /**
     * @param  class-string  $interface
     * @return list<string>
     */
    private static function kindsThat(string $interface): array
    {
        $kinds = array_filter(Blocks::CATALOGUE, static fn (string $kind): bool => is_a($kind, $interface, true));

        return array_map(static fn (string $kind): string => $kind::name(), array_values($kinds));
    }

    private static function context(): RenderContext
    {
        $gate = new Picture('gate', 1200, 480, 'A boy at a gate', 'Mina', 'cc-by');

        return new RenderContext(Slides::typesetter(), PartKind::Explain->tint(), PartKind::Explain->strong(), ['gate' => $gate]);
    }
}
