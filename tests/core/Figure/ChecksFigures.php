<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Fact;
use Daybright\Figure\Figure;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LaidOutNarrow;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Tests\Core\Support\Slides;

/** What every figure must do, tried on hundreds of random contents. */
trait ChecksFigures
{
    /** @return non-empty-list<Figure> */
    abstract protected static function randomFigures(int $seed): array;

    public function test_labels_never_collide_and_never_leave_the_box(): void
    {
        foreach (self::randomFigures(3) as $index => $figure) {
            $smallest = $figure->smallest();
            self::assertLessThanOrEqual(1430, $smallest->width);
            self::assertLessThanOrEqual(660, $smallest->height, "{$index} would not fit under a title");
            foreach ([
                $smallest,
                new Box(0, 0, max(700, $smallest->width), max(600, $smallest->height)),
                new Box(0, 0, 1430, 700),
                ...self::narrow($figure),
            ] as $box) {
                self::assertLabelsKeepApart($figure, $box, (string) $index);
            }
        }
    }

    public function test_every_drawn_piece_is_a_step_and_every_step_is_drawn(): void
    {
        foreach (self::randomFigures(4) as $figure) {
            $steps = array_map(static fn (FigureStep $step): string => $step->name, $figure->steps());
            $drawn = array_keys(self::drawn($figure, $figure->smallest()));
            self::assertSame([], array_diff($drawn, $steps));
            foreach (self::narrow($figure) as $box) {
                self::assertSame($drawn, array_keys(self::drawn($figure, $box)), 'laid out narrow, it shows the same');
            }
            self::assertSame($steps, array_values(array_unique($steps)), 'no two steps have one name');
            self::assertContains($steps[0], $drawn, 'the first step shows something');
            self::assertNotSame('', $figure->words());
            foreach ($figure->steps() as $step) {
                self::assertMatchesRegularExpression('/[.?:…]$/u', $step->script, 'a first line of script is a sentence');
            }
        }
    }

    public function test_its_form_covers_what_a_new_one_begins_with(): void
    {
        $figure = self::randomFigures(6)[0];
        $fields = array_map(static fn (Field $field): string => $field->name, $figure::fields());
        self::assertSame([], array_diff(array_keys($figure::blank()), $fields));
        $blank = $figure::from(new Fields($figure::blank()));
        self::assertNotSame([], $blank->facts());
    }

    public function test_facts_have_names_that_a_text_can_use(): void
    {
        foreach (self::randomFigures(7) as $figure) {
            $names = array_map(static fn (Fact $fact): string => $fact->name, $figure->facts());
            self::assertSame($names, array_values(array_unique($names)));
            foreach ($names as $name) {
                self::assertMatchesRegularExpression('/^[a-z][a-z .]*$/', $name);
            }
        }
    }

    /** @param  array<string, mixed>  $quantities */
    private static function assertRefused(string $figure, array $quantities, string $field, string $sentence): void
    {
        try {
            $figure::from(new Fields($quantities));
        } catch (InvalidQuantities $error) {
            self::assertStringContainsString($sentence, $error->getMessage());
            self::assertSame($field, $error->field, $error->getMessage());

            return;
        }
        self::fail("“{$sentence}” was not said");
    }

    /** @return array<string, string> */
    private static function facts(Figure $figure): array
    {
        return array_column(array_map(static fn (Fact $fact): array => [$fact->name, $fact->written], $figure->facts()), 1, 0);
    }

    private static function assertLabelsKeepApart(Figure $figure, Box $box, string $index): void
    {
        $labels = array_values(array_filter(
            array_merge(...array_values(self::drawn($figure, $box))),
            static fn (Shape $shape): bool => $shape->isText(),
        ));
        $troubles = [];
        foreach ($labels as $number => $label) {
            if (! $box->holds($label->box, 3)) {
                $troubles[] = "“{$label->written()}” leaves the box";
            }
            foreach (array_slice($labels, $number + 1) as $other) {
                if ($label->box->overlaps($other->box, 4)) {
                    $troubles[] = "“{$label->written()}” meets “{$other->written()}”";
                }
            }
        }
        self::assertSame([], $troubles, "{$index} in {$box->width} × {$box->height}: {$figure->words()}");
    }

    /** @return list<Box> in which it is laid out another way; the second one is a phone’s, with room below the title */
    private static function narrow(Figure $figure): array
    {
        if (! $figure instanceof LaidOutNarrow) {
            return [];
        }
        $narrowest = $figure->narrowest();
        self::assertLessThanOrEqual(574, $narrowest->width, 'it finds room on a phone held upright');

        return [$narrowest, new Box(0, 0, 574, max(800, $narrowest->height))];
    }

    /** @return array<string, list<Shape>> */
    private static function drawn(Figure $figure, ?Box $box = null): array
    {
        return $figure->scene(
            $box ?? new Box(0, 0, 700, 500),
            new RenderContext(Slides::typesetter(), PartKind::Explain->tint(), PartKind::Explain->strong(), Slides::pictures()),
        );
    }
}
