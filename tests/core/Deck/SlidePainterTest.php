<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Deck\BlockOnPage;
use Daybright\Deck\Format;
use Daybright\Deck\Looks;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgWriter;
use Daybright\Scene\Typesetter;
use DOMDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class SlidePainterTest extends TestCase
{
    public function test_text_never_overlaps_and_never_leaves_the_slide_whatever_is_on_it(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 2000; $round++) {
            $lesson = self::randomLesson();
            $scene = Slides::painter()->paint($lesson, $lesson->slides()[0], $round % 2 === 0 ? Format::Wide : Format::Tall);
            $texts = self::texts($scene);
            foreach ($texts as $index => [$name, $box]) {
                self::assertTrue(
                    $scene->page->holds($box, 2),
                    "round {$round}: “{$name}” leaves the slide",
                );
                foreach (array_slice($texts, $index + 1) as [$other, $otherBox]) {
                    self::assertFalse($box->overlaps($otherBox, 6), "round {$round}: “{$name}” overlaps “{$other}”");
                }
            }
            foreach (self::pictures($scene, $lesson->slides()[0]) as $picture) {
                self::assertTrue($scene->page->holds($picture, 2), "round {$round}: a picture leaves the slide");
                foreach ($texts as [$name, $box]) {
                    self::assertFalse($picture->overlaps($box, 6), "round {$round}: “{$name}” lies on a picture");
                }
            }
            self::assertCount(count($lesson->slides()[0]->blocks), $scene->boxes + array_flip($scene->overfull) + $scene->problems);
        }
    }

    public function test_no_text_is_smaller_than_28_units_on_a_slide_that_is_not_told_to_be_overfull(): void
    {
        mt_srand(12);
        for ($round = 0; $round < 80; $round++) {
            $lesson = self::randomLesson();
            $format = $round % 2 === 0 ? Format::Wide : Format::Tall;
            $scene = Slides::painter()->paint($lesson, $lesson->slides()[0], $format);
            foreach ($scene->overfull === [] ? $scene->groups : [] as $group) {
                foreach ($group->shapes as $shape) {
                    if ($shape->element === 'text') {
                        self::assertGreaterThanOrEqual(28, (float) $shape->attributes['font-size'] * $group->scale);
                    }
                }
            }
        }
    }

    public function test_type_on_the_tall_page_is_15_pixels_high_on_a_small_phone(): void
    {
        $page = Format::Tall->page();
        self::assertGreaterThanOrEqual(15.0, round(Typesetter::SMALLEST * 360 / $page->width, 2));
        self::assertEqualsWithDelta(900 / 1400, $page->width / $page->height, 0.001);
    }

    public function test_on_the_tall_page_blocks_stand_one_under_another_in_the_order_in_which_they_are_read(): void
    {
        $lesson = Slides::lesson([
            Slides::block('right', 'text', ['text' => 'Read second'], region: 'right'),
            Slides::block('left', 'text', ['text' => 'Read first'], region: 'left'),
        ], ['One.'], ['arrangement' => 'halves']);
        $boxes = Slides::painter()->paint($lesson, $lesson->slides()[0], Format::Tall)->boxes;
        self::assertLessThan($boxes['right']->y, $boxes['left']->bottom());
        self::assertSame($boxes['left']->x, $boxes['right']->x);
    }

    public function test_the_names_of_a_picture_stand_below_it_on_the_tall_page_and_beside_it_on_the_wide_one(): void
    {
        $lesson = Slides::lessonWithNames(Slides::block('words', 'text', ['text' => 'Beside it, so that a column is half of the page.']));
        $named = static function (Format $format) use ($lesson): bool {
            $scene = Slides::painter()->paint($lesson, $lesson->slides()[0], $format);
            self::assertSame([[], []], [$scene->problems, $scene->overfull]);
            $parts = BlockOnPage::all($scene)['parts'];
            $names = array_filter($parts->words, static fn (array $word): bool => in_array($word[0], ['gnomon', 'dial'], true));
            self::assertCount(2, $names);

            return array_filter($names, static fn (array $word): bool => $word[1]->y < $parts->pictures['picture-1']->bottom()) === [];
        };
        self::assertTrue($named(Format::Tall));
        self::assertFalse($named(Format::Wide));
    }

    public function test_the_words_of_a_slide_tell_what_is_seen_and_nothing_that_comes_later(): void
    {
        $question = ['type' => 'number', 'prompt' => 'How *long* is it?', 'marks' => 1, 'value' => '41', 'unit' => 'cm'];
        $lines = [
            ['id' => 'a', 'formula' => '3 × 7 cm = 21 cm', 'reason' => 'three hours'],
            ['id' => 'b', 'formula' => '20 cm + 21 cm = 41 cm', 'reason' => ''],
        ];
        $lesson = Slides::lesson([
            Slides::block('ask', 'question', $question, 'step-1', ['answer' => 'step-2']),
            Slides::block('lines', 'worked', ['task' => 'Add up', 'lines' => $lines], 'step-1', ['a' => 'step-2', 'b' => 'step-3']),
        ], ['One.', 'Two.', 'Three.']);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        self::assertSame('A slide. How long is it? Add up.', $scene->at(0)->description());
        self::assertSame(
            "A slide. How long is it? The answer is 41\u{A0}cm. Add up. 3 × 7 cm = 21 cm, three hours.",
            $scene->at(1)->description(),
        );
        self::assertStringEndsWith('20 cm + 21 cm = 41 cm.', $scene->at(2)->description());
    }

    public function test_what_does_not_fit_is_said_and_shown_smaller_to_be_shortened(): void
    {
        $lesson = Slides::lesson([Slides::block('long', 'text', ['text' => str_repeat('A long sentence that fills the slide. ', 100)])]);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        self::assertSame(['long'], $scene->overfull);
        self::assertTrue($scene->page->holds($scene->boxes['long']));
        self::assertSame('text', $scene->fields['long'][0]->path);
        self::assertLessThan(28, $scene->fields['long'][0]->style->size);
    }

    public function test_every_word_has_its_own_x_and_groups_carry_block_and_step(): void
    {
        $lesson = Slides::lesson([Slides::block('words', 'text', ['text' => 'three plain words'], 'step-2')]);
        $svg = (new SvgWriter(static fn (string $medium): string => ''))->write(Slides::painter()->paint($lesson, $lesson->slides()[0]));
        $document = new DOMDocument;
        self::assertTrue($document->loadXML($svg));
        $group = null;
        foreach ($document->getElementsByTagName('g') as $each) {
            $group = $each->getAttribute('data-block') === 'words' ? $each : $group;
        }
        self::assertNotNull($group);
        self::assertSame('step-2', $group->getAttribute('data-step'));
        $spans = $group->getElementsByTagName('tspan');
        self::assertSame(3, $spans->length);
        self::assertNotSame($spans->item(0)?->getAttribute('x'), $spans->item(1)?->getAttribute('x'));
    }

    public function test_a_piece_never_appears_before_its_block(): void
    {
        $lesson = Slides::lesson([Slides::block(
            'q',
            'question',
            ['type' => 'text', 'prompt' => 'Why?', 'marks' => 1, 'value' => 'Because.'],
            'step-2',
            ['answer' => 'step-1'],
        )]);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        self::assertSame(
            [1, 1],
            array_values(array_map(
                static fn (Group $group): int => $group->stepNumber,
                array_filter($scene->groups, static fn (Group $group): bool => $group->block === 'q'),
            )),
        );
        self::assertSame([], array_filter($scene->at(0)->groups, static fn (Group $group): bool => $group->block === 'q'));
    }

    public function test_facts_of_a_figure_stand_in_the_text(): void
    {
        $lesson = Slides::lesson([
            Slides::block(
                'bars',
                'figure',
                [
                    'figure' => 'bar-model',
                    'quantities' => ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'kg'],
                ],
            ),
            Slides::block('text', 'text', ['text' => 'Shaded: {shaded}, {nothing known}']),
        ]);
        $written = implode(
            ' ',
            array_map(
                static fn (Group $group): string => $group->written(),
                Slides::painter()->paint($lesson, $lesson->slides()[0])->groups,
            ),
        );
        self::assertStringContainsString("16\u{00A0}kg", $written);
        self::assertStringContainsString('{nothing known}', $written);
    }

    public function test_a_figure_that_cannot_be_leaves_the_rest_of_the_slide(): void
    {
        $lesson = Slides::lesson([
            Slides::block(
                'bars',
                'figure',
                [
                    'figure' => 'bar-model',
                    'quantities' => ['mode' => 'parts', 'parts' => 5, 'shaded' => 9, 'known' => 'whole', 'amount' => '40', 'unit' => 'kg'],
                ],
            ),
            Slides::block('text', 'text', ['text' => 'Still here']),
        ]);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        self::assertStringContainsString('from 0 to 5', $scene->problems['bars']);
        self::assertArrayHasKey('text', $scene->boxes);
    }

    private static function randomLesson(): Lesson
    {
        $words = ['sun', 'shadow', 'measurement', 'a', 'of', 'noon', 'because', 'extraordinarily', '`3/4 + 1/2`', '*bold*', 'it'];
        $text = static fn (int $count): string => implode(
            ' ',
            array_map(static fn (): string => $words[mt_rand(0, count($words) - 1)], range(1, $count)),
        );
        $makers = [
            static fn (): array => ['heading', ['text' => $text(mt_rand(1, 6))]],
            static fn (): array => ['text', ['text' => '- '.$text(mt_rand(2, 25))."\n- ".$text(4)]],
            static fn (): array => [
                'term',
                ['word' => $text(1), 'meaning' => $text(mt_rand(2, 20)), 'hook' => mt_rand(0, 1) === 1 ? $text(6) : '', 'picture' => null],
            ],
            static fn (): array => [
                'figure',
                [
                    'figure' => 'bar-model',
                    'quantities' => [
                        'mode' => 'parts',
                        'parts' => mt_rand(1, 12),
                        'shaded' => 1,
                        'known' => 'whole',
                        'amount' => (string) mt_rand(1, 900),
                        'unit' => 'cm',
                    ],
                ],
            ],
            static fn (): array => [
                'worked',
                [
                    'task' => $text(8),
                    'lines' => [
                        ['id' => 'one', 'formula' => '2 + 3 = 5', 'reason' => $text(5)],
                        ['id' => 'two', 'formula' => '5 × 5 = 25', 'reason' => ''],
                    ],
                ],
            ],
            static fn (): array => [
                'question',
                [
                    'type' => 'choice',
                    'prompt' => $text(10),
                    'marks' => 2,
                    'choices' => array_map(static fn (string $id): array => [
                        'id' => $id,
                        'text' => $text(mt_rand(1, 9)),
                        'right' => $id === 'a',
                        'picture' => ['', '', 'leaf'][mt_rand(0, 2)],
                    ], array_slice(['a', 'b', 'c', 'd'], 0, mt_rand(2, 4))),
                ],
            ],
            static fn (): array => ['comparison', [
                'first' => 'leaf',
                'second' => ['leaf', null][mt_rand(0, 1)],
                'firstLabel' => $text(mt_rand(1, 3)),
                'secondLabel' => $text(mt_rand(1, 3)),
                'border' => ['x' => mt_rand(0, 10) / 10, 'y' => 0.5],
            ]],
            static fn (): array => ['link', [
                'title' => $text(mt_rand(1, 6)),
                'address' => 'https://larkfield.example/film',
                'why' => $text(mt_rand(3, 18)),
                'from' => '2:10',
            ]],
            static fn (): array => ['pause', ['prompt' => $text(8), 'marks' => 1]],
            static fn (): array => ['instructions', ['items' => [$text(4), $text(12)]]],
            static fn (): array => ['quotation', ['text' => $text(mt_rand(3, 16)), 'source' => $text(2)]],
            static fn (): array => ['table', ['hasHead' => true, 'hasSide' => mt_rand(0, 1) === 1, 'rows' => array_map(
                static fn (): array => array_map(static fn (): string => $text(mt_rand(1, 3)), range(1, 3)),
                range(1, mt_rand(2, 5)),
            )]],
        ];
        $arrangement = ['whole', 'halves', 'wide-left', 'stacked', 'opening'][mt_rand(0, 4)];
        $regions = [
            'whole' => ['main'],
            'opening' => ['main'],
            'stacked' => ['top', 'bottom'],
            'halves' => ['left', 'right'],
            'wide-left' => ['left', 'right'],
        ][$arrangement];
        $blocks = [];
        for ($number = 0; $number < mt_rand(1, 5); $number++) {
            [$kind, $content] = $makers[mt_rand(0, count($makers) - 1)]();
            $placing = ['size' => [0.6, 1, 1, 1.5][mt_rand(0, 3)], 'align' => ['', '', 'middle', 'right'][mt_rand(0, 3)]];
            $region = $regions[mt_rand(0, count($regions) - 1)];
            $blocks[] = $placing + Slides::block("block-{$number}", $kind, $content, 'step-1', [], $region);
        }

        $document = Slides::document($blocks, ['One.'], [
            'title' => $text(mt_rand(1, 8)),
            'arrangement' => $arrangement,
            'drawing' => ['', '', 'leaf'][mt_rand(0, 2)],
        ]);
        $media = ['leaf' => Slides::picture('leaf')];

        return Lesson::from(['look' => Looks::names()[mt_rand(0, count(Looks::names()) - 1)], 'media' => $media] + $document);
    }

    /** @return list<array{string, Box}> the written shapes, where they stand on the slide */
    private static function texts(Scene $scene): array
    {
        $texts = [];
        foreach ($scene->groups as $group) {
            foreach ($group->shapes as $shape) {
                if ($shape->isText()) {
                    $texts[] = [$shape->written(), self::core($shape, $group)];
                }
            }
        }

        return $texts;
    }

    /** @return list<Box> the pictures of answers and titles, where they stand on the slide: they have no labels on them */
    private static function pictures(Scene $scene, Slide $slide): array
    {
        $pictures = [];
        foreach ($scene->groups as $group) {
            if ($slide->block($group->block)?->kind === 'comparison') {
                continue;
            }
            foreach ($group->shapes as $shape) {
                if ($shape->element === 'image') {
                    $pictures[] = $group->boxOf($shape);
                }
            }
        }

        return $pictures;
    }

    /** The box of a text without the room for rare descenders. */
    private static function core(Shape $shape, Group $group): Box
    {
        return $group->boxOf($shape);
    }
}
