<?php

declare(strict_types=1);

namespace Tests\Core\Scene;

use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class TypesetterTest extends TestCase
{
    public function test_lines_are_as_full_as_they_can_be_and_no_fuller(): void
    {
        $type = Slides::typesetter();
        $style = new TextStyle(40);
        $text = 'The shadow of the stick is long in the morning and short at noon, when the Sun stands high';
        foreach ([260, 400, 700, 2000] as $room) {
            $set = $type->set($text, $room, $style);
            self::assertLessThanOrEqual($room + 0.02, $set->width());
            self::assertSame(
                $text,
                implode(' ', array_map(static fn (Shape $shape): string => trim($shape->written()), $set->shapes(0, 0))),
            );
        }
        self::assertSame(1, $type->set($text, 2000, $style)->lineCount());
        // One letter less room than the text needs makes two lines.
        $whole = $type->width($text, $style);
        self::assertSame(1, $type->set($text, $whole + 0.1, $style)->lineCount());
        self::assertSame(2, $type->set($text, $whole - 1, $style)->lineCount());
    }

    public function test_a_word_wider_than_the_line_is_broken_and_loses_nothing(): void
    {
        $set = Slides::typesetter()->set('Donaudampfschifffahrtsgesellschaft', 200, new TextStyle(40));
        self::assertGreaterThan(2, $set->lineCount());
        self::assertLessThanOrEqual(200.01, $set->width());
        self::assertSame(
            'Donaudampfschifffahrtsgesellschaft',
            implode('', array_map(static fn (Shape $shape): string => $shape->written(), $set->shapes(0, 0))),
        );
    }

    public function test_stars_make_words_bold_and_stay_beside_what_follows(): void
    {
        $shapes = Slides::typesetter()->set('*Noon:* high Sun, *low*.', 2000, new TextStyle(40))->shapes(0, 0);
        self::assertSame(['Noon:', 'high Sun,', 'low', '.'], array_map(static fn (Shape $shape): string => $shape->written(), $shapes));
        self::assertSame(
            [600, 400, 600, 400],
            array_map(static fn (Shape $shape): int => (int) $shape->attributes['font-weight'], $shapes),
        );
        // The full stop follows “low” without a space.
        self::assertEqualsWithDelta($shapes[2]->box->right(), $shapes[3]->box->x, 0.01);
        self::assertGreaterThan($shapes[0]->box->right() + 5, $shapes[1]->box->x);
    }

    public function test_single_stars_and_open_quotes_stand_as_they_were_typed(): void
    {
        $written = static fn (string $text): string => implode(
            ' ',
            array_map(
                static fn (Shape $shape): string => $shape->written(),
                Slides::typesetter()->set($text, 2000, new TextStyle(40))->shapes(0, 0),
            ),
        );
        self::assertSame('2 * 3 * 4', $written('2 * 3 * 4'));
        self::assertSame('a ` b', $written('a ` b'));
    }

    public function test_a_formula_makes_room_for_itself_and_shrinks_to_the_line(): void
    {
        $type = Slides::typesetter();
        $plain = $type->set('x and y', 2000, new TextStyle(40));
        $with = $type->set('x `3/4 + 1/2` y', 2000, new TextStyle(40));
        self::assertSame(1, $with->lineCount());
        self::assertGreaterThanOrEqual($plain->height(), $with->height());
        self::assertLessThanOrEqual(100.01, $type->set('`3/4 + 1/2 + 5/6 + 7/8`', 100, new TextStyle(40))->width());
    }

    public function test_points_of_a_list_hang_from_their_dots(): void
    {
        $shapes = Slides::typesetter()->set("- first point that needs more than one line\n- second", 360, new TextStyle(40))
            ->shapes(100, 0);
        $dots = array_values(array_filter($shapes, static fn (Shape $shape): bool => $shape->element === 'circle'));
        $texts = array_values(array_filter($shapes, static fn (Shape $shape): bool => $shape->isText()));
        self::assertCount(2, $dots);
        self::assertGreaterThan(2, count($texts));
        foreach ($texts as $text) {
            self::assertEqualsWithDelta(140, $text->box->x, 0.01);
        }
        self::assertLessThan(140, $dots[0]->box->right());
    }

    public function test_text_is_set_as_large_as_fits_and_cut_when_nothing_does(): void
    {
        $type = Slides::typesetter();
        $fitting = $type->fit(str_repeat('word ', 40), 600, 300, new TextStyle(60));
        self::assertLessThanOrEqual(300, $fitting->height());
        $size = static fn (Shape $shape): float => (float) $shape->attributes['font-size'];
        self::assertGreaterThan(28, $size($fitting->shapes(0, 0)[0]));
        self::assertSame(60.0, $size($type->fit('short', 600, 300, new TextStyle(60))->shapes(0, 0)[0]));
        $cut = $type->fit(str_repeat('word ', 400), 600, 100, new TextStyle(60));
        self::assertSame(28.0, $size($cut->shapes(0, 0)[0]));
        self::assertLessThanOrEqual(100.5, $cut->height());
    }

    public function test_text_is_aligned_left_in_the_middle_or_right(): void
    {
        $type = Slides::typesetter();
        $left = static fn (float $align): float => $type->set('word', 500, new TextStyle(40, align: $align))->shapes(0, 0)[0]->box->x;
        $width = $type->width('word', new TextStyle(40));
        self::assertEqualsWithDelta(0, $left(0), 0.01);
        self::assertEqualsWithDelta((500 - $width) / 2, $left(0.5), 0.01);
        self::assertEqualsWithDelta(500 - $width, $left(1), 0.01);
        self::assertEqualsWithDelta(100 - $width / 2, $type->label('word', 100, 50, new TextStyle(40, align: 0.5))->box->x, 0.01);
    }

    public function test_letters_of_other_scripts_are_measured_in_the_face_that_has_them(): void
    {
        $type = Slides::typesetter();
        $style = new TextStyle(40);
        // Lexend has no Cyrillic; Andika gives it, and its letters differ in width.
        self::assertNotEqualsWithDelta($type->width('жжжж', $style), $type->width('іііі', $style), 1);
        self::assertSame('Lexend, Andika', $type->set('Привет', 900, $style)->shapes(0, 0)[0]->attributes['font-family']);
    }
}
