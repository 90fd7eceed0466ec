<?php

declare(strict_types=1);

namespace Tests\Core\Figure\Drawing;

use Daybright\Figure\Drawing\Arrow;
use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Card;
use Daybright\Figure\Drawing\Hatching;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Scale;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** What figures have in common when they are drawn. */
final class DrawingTest extends TestCase
{
    /** @return iterable<array{float, float, int, float, float, float}> least, most, divisions, first and last tick, step */
    public static function scales(): iterable
    {
        yield [0, 9, 5, 0, 10, 2];
        yield [-3, 17, 4, -5, 20, 5];
        yield [0.02, 0.11, 5, 0.02, 0.12, 0.02];
        yield [1900, 2024, 6, 1900, 2050, 50];
        yield [5, 5, 4, 4.4, 5.6, 0.5];
    }

    #[DataProvider('scales')]
    public function test_a_scale_ends_on_round_numbers_and_covers_its_values(
        float $least,
        float $most,
        int $about,
        float $first,
        float $last,
        float $step,
    ): void {
        $scale = Scale::covering($least, $most, $about, 100, 900);
        self::assertLessThanOrEqual($least + 1e-9, $scale->least);
        self::assertGreaterThanOrEqual($most - 1e-9, $scale->most);
        self::assertEqualsWithDelta($step, $scale->step, max(0.06, $step * 0.01));
        self::assertEqualsWithDelta(100, $scale->at($scale->least), 1e-9);
        self::assertEqualsWithDelta(900, $scale->at($scale->most), 1e-9);
        $ticks = $scale->ticks();
        self::assertLessThanOrEqual($first + $step, $ticks[0]);
        self::assertGreaterThanOrEqual($last - $step, $ticks[count($ticks) - 1]);
    }

    public function test_the_numbers_of_a_scale_are_written_with_as_many_places_as_its_step(): void
    {
        self::assertSame(['0.0', '0.5', '−1.5'], array_map(Scale::covering(-2, 2, 8, 0, 100)->written(...), [0.0, 0.5, -1.5]));
        self::assertSame("20\u{202F}000", Scale::covering(0, 50000, 5, 0, 100)->written(20000));
        self::assertSame(1.0, Scale::covering(2019, 2021, 20, 0, 100, 1)->step);
        self::assertSame(8.0, Scale::exactly(0, 100, 5, 0, 800)->perUnit());
    }

    public function test_labels_find_a_free_place_or_say_that_there_is_none(): void
    {
        $box = new Box(0, 0, 400, 200);
        $labels = new Labels($box, Slides::typesetter());
        $style = new TextStyle(30);
        $placed = [];
        for ($number = 0; $number < 8; $number++) {
            $placed[] = $labels->near("name {$number}", 200, 100, $style);
        }
        $texts = array_values(array_filter(array_merge(...$placed), static fn (Shape $shape): bool => $shape->isText()));
        self::assertGreaterThan(4, count($texts));
        foreach ($texts as $number => $text) {
            self::assertTrue($box->holds($text->box, 1));
            foreach (array_slice($texts, $number + 1) as $other) {
                self::assertFalse($text->box->overlaps($other->box));
            }
        }
        self::assertNull($labels->optional('here', 200, 100, $style), 'the middle is taken');
        self::assertSame([], (new Labels(new Box(0, 0, 30, 20), Slides::typesetter()))->near('far too long', 10, 10, $style));
        self::assertSame([], $labels->near('name 9', 200, 100, $style, 12, 90, 1), 'rather left out than far away');
    }

    public function test_a_label_far_from_its_point_is_tied_to_it_by_a_line(): void
    {
        $labels = new Labels(new Box(0, 0, 600, 300), Slides::typesetter());
        $labels->keepClearOf(new Box(150, 50, 300, 200));
        $shapes = $labels->near('moved', 300, 150, new TextStyle(30));
        self::assertSame(['polyline', 'text'], array_map(static fn (Shape $shape): string => $shape->element, $shapes));
        $labels->keepClearOfLine(0, 290, 600, 290);
        self::assertFalse($labels->isFree(new Box(250, 285, 20, 10)));
    }

    public function test_axes_put_zero_where_it_is_and_cut_a_curve_at_the_edge_of_the_paper(): void
    {
        $axes = Axes::in(new Box(0, 0, 800, 500), self::setting(), [-4, 4], [-10, 10], 'x', 'y');
        [$x, $y] = $axes->point(0, 0);
        self::assertTrue($axes->plot->holds(new Box($x, $y, 0, 0)));
        $pieces = $axes->curve(array_map(static fn (int $at): array => [$at / 10, ($at / 10) ** 3], range(-40, 40)));
        self::assertCount(1, $pieces);
        foreach ($pieces[0] as $point) {
            self::assertGreaterThanOrEqual($axes->plot->y - 0.02, $point[1]);
            self::assertLessThanOrEqual($axes->plot->bottom() + 0.02, $point[1]);
        }
        self::assertCount(2, $axes->curve([[-1.0, 1.0], [-0.5, 2.0], null, [0.5, 2.0], [1.0, 1.0]]), 'a gap parts the curve');
        $titles = array_map(static fn (Shape $shape): string => $shape->written(), $axes->shapes);
        self::assertContains('x', $titles);
        self::assertContains('y', $titles);
    }

    public function test_a_table_grows_with_its_room_and_cuts_only_what_cannot_fit(): void
    {
        $small = new Table(['a', 'b'], [0.5, 0.5], 3, new Box(0, 0, 300, 100), self::setting());
        $large = new Table(['a', 'b'], [0.5, 0.5], 3, new Box(0, 0, 900, 600), self::setting());
        self::assertSame(Table::ROW, $small->place(1)->height);
        self::assertGreaterThan(70, $large->place(1)->height);
        self::assertEqualsWithDelta($large->place(1)->bottom(), $large->place(2)->y, 1e-9);
        self::assertSame(450.0, $large->edge(0));
        [$text, $style] = Table::cut('a very long line of words', 120, new TextStyle(40), Slides::typesetter());
        self::assertStringEndsWith('…', $text);
        self::assertSame(28.0, $style->size);
        self::assertSame('short', Table::cut('short', 400, new TextStyle(40), Slides::typesetter())[0]);
    }

    public function test_cards_side_by_side_have_one_size_of_letters(): void
    {
        $cards = [['Rain', new Box(0, 0, 300, 120)], ['The caterpillar eats leaves all day', new Box(320, 0, 300, 120)]];
        $size = Card::commonSize($cards, self::setting(), 44);
        self::assertGreaterThanOrEqual(28, $size);
        self::assertLessThan(44, $size);
        foreach ($cards as [$text, $box]) {
            $shapes = Card::layOut($text, $box, self::setting(), false, '#FFFFFF', $size);
            foreach (array_slice($shapes, 1) as $shape) {
                self::assertTrue($box->holds($shape->box, 1), $text);
            }
        }
        self::assertGreaterThan(Card::leastHeight('Rain', 300), Card::leastHeight('The caterpillar eats leaves all day', 300));
        self::assertGreaterThan(Card::leastWidth('a b c'), Card::leastWidth('caterpillar'));
    }

    public function test_what_must_be_told_apart_differs_in_more_than_colour(): void
    {
        $series = array_map(static fn (int $number): Series => new Series($number, self::setting()), [0, 1, 2]);
        self::assertCount(3, array_unique(array_map(static fn (Series $each): string => $each->colour, $series)));
        self::assertCount(
            3,
            array_unique(array_map(
                static fn (Series $each): string => (string) ($each->line()->attributes()['stroke-dasharray'] ?? ''),
                $series,
            )),
        );
        $marks = array_map(
            static fn (Series $each): string => $each->mark(0, 0)->element.json_encode($each->mark(0, 0)->attributes['points'] ?? ''),
            $series,
        );
        self::assertCount(3, array_unique($marks));
        $hatched = Hatching::lines(new Box(0, 0, 100, 60), self::setting());
        self::assertGreaterThan(3, count(array_filter($hatched, static fn (Shape $shape): bool => $shape->element === 'polyline')));
        foreach ($hatched as $shape) {
            self::assertTrue((new Box(0, 0, 100, 60))->holds($shape->box, 0.01), 'no line of the hatching leaves its cell');
        }
    }

    public function test_an_arrow_ends_where_it_points(): void
    {
        [$line, $head] = Arrow::along([[0.0, 0.0], [100.0, 0.0]]);
        self::assertSame('polygon', $head->element);
        self::assertEqualsWithDelta(100, $head->box->right(), 0.01);
        self::assertLessThan(100, $line->box->right());
    }

    private static function setting(): RenderContext
    {
        return new RenderContext(Slides::typesetter(), PartKind::Explain->tint(), PartKind::Explain->strong());
    }
}
