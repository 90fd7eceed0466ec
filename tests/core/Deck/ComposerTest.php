<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Figure\Venn\Venn;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class ComposerTest extends TestCase
{
    private const PICTURE = [
        'type' => 'image/png',
        'sha256' => 'a',
        'width' => 1200,
        'height' => 800,
        'description' => 'A picture',
        'credit' => '',
        'licence' => 'own',
    ];

    public function test_a_sentence_alone_is_set_large_in_the_middle(): void
    {
        $scene = self::paint([Slides::block('one', 'text', ['text' => 'At noon the shadow is shortest.'])], ['title' => '']);
        $sizes = self::sizes($scene, 'one');
        self::assertGreaterThanOrEqual(90, min($sizes));
        $box = self::seen($scene, 'one');
        self::assertEqualsWithDelta(Scene::WIDTH / 2, $box->middleX(), 20);
        self::assertEqualsWithDelta(Scene::HEIGHT / 2, $box->middleY(), 60);
    }

    public function test_a_figure_stands_beside_its_words_and_gets_at_least_half_of_the_slide(): void
    {
        $scene = self::paint([
            Slides::block('venn', 'figure', ['figure' => 'venn', 'quantities' => self::venn()]),
            Slides::block('words', 'text', ['text' => 'Sixteen measured at noon, twelve after school. Five of them did both, and three did neither.']),
        ]);
        $figure = $scene->boxes['venn'];
        self::assertLessThan($scene->boxes['words']->x, $figure->right());
        self::assertGreaterThan(0.4 * 1408 * 680, $figure->area());
        self::assertEqualsWithDelta($figure->middleY(), self::seen($scene, 'words')->middleY(), 40);
    }

    public function test_labels_of_a_figure_grow_with_it(): void
    {
        $alone = self::paint([Slides::block('venn', 'figure', ['figure' => 'venn', 'quantities' => self::venn()])]);
        self::assertGreaterThan(1.2, self::groupsOf($alone, 'venn')[0]->scale);
    }

    public function test_cards_stand_side_by_side_and_are_equally_high(): void
    {
        $card = static fn (string $id, string $meaning): array => Slides::block(
            $id,
            'term',
            ['word' => $id, 'meaning' => $meaning, 'hook' => '', 'picture' => null],
        );
        $scene = self::paint([
            $card('gnomon', 'the part that casts the shadow'),
            $card('dial', 'the face'),
            $card('noon', 'when the Sun stands at its highest place in the sky'),
        ]);
        self::assertEqualsWithDelta($scene->boxes['gnomon']->height, $scene->boxes['dial']->height, 0.1);
        self::assertEqualsWithDelta($scene->boxes['gnomon']->y, $scene->boxes['noon']->y, 0.1);
        self::assertLessThan($scene->boxes['noon']->x, $scene->boxes['dial']->right());
    }

    public function test_the_teacher_can_insist_on_sides_and_on_a_share(): void
    {
        $blocks = [
            Slides::block('one', 'text', ['text' => 'Long shadow'], region: 'right'),
            Slides::block('two', 'text', ['text' => 'Short shadow'], region: 'left'),
        ];
        $even = self::paint($blocks, ['arrangement' => 'halves']);
        self::assertLessThan($even->boxes['one']->x, $even->boxes['two']->right());
        $narrow = self::paint($blocks, ['arrangement' => 'halves', 'share' => 0.3]);
        self::assertEqualsWithDelta(0.3 / 0.5, $narrow->boxes['two']->width / $even->boxes['two']->width, 0.01);
        $rows = self::paint([
            Slides::block('one', 'text', ['text' => 'Below'], region: 'bottom'),
            Slides::block('two', 'text', ['text' => 'Above'], region: 'top'),
        ], ['arrangement' => 'stacked']);
        self::assertLessThan($rows->boxes['one']->y, $rows->boxes['two']->y);
    }

    public function test_the_same_slide_is_composed_in_the_same_way_every_time(): void
    {
        $blocks = [
            Slides::block('venn', 'figure', ['figure' => 'venn', 'quantities' => self::venn()]),
            Slides::block('words', 'text', ['text' => 'Sixteen measured at noon.']),
        ];
        self::assertEquals(self::paint($blocks), self::paint($blocks));
    }

    public function test_a_small_change_of_text_keeps_the_composition_that_the_slide_had(): void
    {
        $words = ['Sixteen measured'];
        $turned = 0;
        $before = '';
        foreach (explode(' ', 'at noon and twelve after school and five of them did both while three did neither of the two things that day') as $word) {
            $words[] = $word;
            $blocks = [
                Slides::block('venn', 'figure', ['figure' => 'venn', 'quantities' => self::venn()]),
                Slides::block('words', 'text', ['text' => implode(' ', $words).'.']),
            ];
            $scene = self::paint($blocks, ['composition' => $before]);
            $turned += $before !== '' && $scene->composition !== $before ? 1 : 0;
            $before = $scene->composition;
        }
        self::assertLessThanOrEqual(1, $turned);
        $foreign = self::paint($blocks, ['composition' => '7|8@10']);
        self::assertNotSame('7|8@10', $foreign->composition);
    }

    public function test_reveals_leave_in_place_what_is_seen(): void
    {
        $blocks = [
            Slides::block('a', 'text', ['text' => 'First']),
            Slides::block('b', 'text', ['text' => 'Second'], 'step-2'),
        ];
        $scene = self::paint($blocks);
        self::assertEquals(self::groupsOf($scene->at(0), 'a'), self::groupsOf($scene->at(1), 'a'));
    }

    public function test_a_picture_of_the_shape_of_the_slide_fills_it_and_the_title_stands_on_a_quiet_field(): void
    {
        $blocks = [Slides::block('sun', 'picture', ['medium' => 'wide', 'caption' => ''])];
        $media = ['wide' => ['width' => 1600, 'height' => 900] + self::PICTURE];
        $scene = self::paint($blocks, ['title' => 'Shadows that move'], $media);
        $image = array_values(array_filter(
            self::groupsOf($scene, 'sun')[0]->shapes,
            static fn (Shape $shape): bool => $shape->medium === 'wide',
        ))[0];
        self::assertEquals(new Box(0, 0, Scene::WIDTH, Scene::HEIGHT), $image->box);
        $title = array_values(array_filter($scene->groups, static fn (Group $group): bool => $group->piece === 'title'))[0];
        self::assertSame('Shadows that move', $title->words);
        self::assertSame('#FFFFFF', $title->shapes[1]->attributes['fill']);
    }

    public function test_two_pictures_are_compared_side_by_side(): void
    {
        $blocks = [
            Slides::block('one', 'picture', ['medium' => 'morning', 'caption' => '9 in the morning']),
            Slides::block('two', 'picture', ['medium' => 'noon', 'caption' => 'noon']),
        ];
        $scene = self::paint($blocks, [], ['morning' => self::PICTURE, 'noon' => self::PICTURE]);
        self::assertLessThan($scene->boxes['two']->x, $scene->boxes['one']->right());
        self::assertEqualsWithDelta($scene->boxes['one']->width, $scene->boxes['two']->width, 1);
    }

    public function test_no_last_line_holds_one_word_alone_where_there_is_another_way(): void
    {
        $scene = self::paint([Slides::block('one', 'text', ['text' => 'At noon the shadow of the stick is the shortest one.'])], ['title' => '']);
        $lines = array_values(array_filter(self::groupsOf($scene, 'one')[0]->shapes, static fn (Shape $shape): bool => $shape->isText()));
        $last = $lines[count($lines) - 1];
        self::assertGreaterThan(1, count($lines));
        self::assertStringContainsString(' ', trim($last->written()));
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @param  array<string, mixed>  $slide
     * @param  array<string, mixed>  $media
     */
    private static function paint(array $blocks, array $slide = [], array $media = []): Scene
    {
        $document = ['media' => $media] + Slides::document($blocks, ['One.', 'Two.'], $slide);
        $lesson = Lesson::from($document);

        return Slides::painter()->paint($lesson, $lesson->slides()[0]);
    }

    /** @return list<Group> */
    private static function groupsOf(Scene $scene, string $block): array
    {
        return array_values(array_filter($scene->groups, static fn (Group $group): bool => $group->block === $block));
    }

    private static function seen(Scene $scene, string $block): Box
    {
        $boxes = [];
        foreach (self::groupsOf($scene, $block) as $group) {
            array_push($boxes, ...array_map($group->boxOf(...), $group->shapes));
        }

        return Box::around($boxes);
    }

    /** @return non-empty-list<float> */
    private static function sizes(Scene $scene, string $block): array
    {
        $sizes = [];
        foreach (self::groupsOf($scene, $block) as $group) {
            foreach ($group->shapes as $shape) {
                if ($shape->element === 'text') {
                    $sizes[] = (float) $shape->attributes['font-size'] * $group->scale;
                }
            }
        }

        return $sizes === [] ? [0.0] : $sizes;
    }

    /** @return array<string, mixed> */
    private static function venn(): array
    {
        return Venn::blank();
    }
}
