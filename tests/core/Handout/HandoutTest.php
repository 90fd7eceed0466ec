<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use Daybright\Figure\Figures;
use Daybright\Figure\PolarGraph\PolarGraph;
use Daybright\Figure\Solid\Solid;
use Daybright\Figure\SoundBoxes\SoundBoxes;
use Daybright\Figure\Variation;
use Daybright\Handout\Handout;
use Daybright\Handout\Pages;
use Daybright\Handout\Paper;
use Daybright\Handout\Row;
use Daybright\Handout\WayIn;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Worked\Methods\UnitChange;
use Daybright\Worked\PracticeSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class HandoutTest extends TestCase
{
    public function test_a_lesson_without_practice_has_nothing_to_print(): void
    {
        self::assertSame([], self::handout([])->pages());
        self::assertSame([], self::handout([])->answers());
    }

    public function test_every_question_of_the_set_is_on_paper_and_no_answer_is(): void
    {
        $content = self::set('figure', 'solid', Solid::blank());
        $paper = self::text(self::handout([$content])->pages());
        self::assertStringContainsString('Practice: Solid', $paper);
        self::assertStringContainsString('set 41', $paper);
        foreach (self::items($content) as $item) {
            self::assertStringContainsString(self::plain($item->prompt).' Answer', $paper);
            self::assertStringNotContainsString('Answer '.self::plain(Variation::written($item->answer)), $paper);
        }
    }

    public function test_a_figure_stands_beside_its_question_unless_it_would_tell_the_answer(): void
    {
        $drawn = static fn (array $scenes): int => count(array_filter(
            array_merge(...array_map(static fn (Scene $page): array => $page->groups, $scenes)),
            static fn (Group $group): bool => $group->piece === 'drawn' && $group->shapes !== [],
        ));
        $content = self::set('figure', 'solid', Solid::blank());
        self::assertSame(count(self::items($content)), $drawn(self::handout([$content])->pages()));
        self::assertSame(0, $drawn(self::handout([$content])->answers()));
        // As many boxes as the word has sounds.
        self::assertSame(0, $drawn(self::handout([self::set('figure', 'sound-boxes', SoundBoxes::blank())])->pages()));
    }

    public function test_a_class_finds_the_lesson_from_the_paper(): void
    {
        $ways = [
            new WayIn('6 Heron', 'HERN6ABC', 'https://larkfield.example/w/one'),
            new WayIn('6 Kestrel', 'KEST6ABC', 'https://larkfield.example/w/two'),
        ];
        $handout = self::handout([self::set('figure', 'solid', Solid::blank())]);
        $paper = self::text($handout->sheets(Slides::painter(), false, $ways));
        self::assertStringContainsString('Class 6 Heron Class code: HERN6ABC https://larkfield.example/w/one', $paper);
        self::assertStringContainsString('Class 6 Kestrel Class code: KEST6ABC https://larkfield.example/w/two', $paper);
        self::assertStringNotContainsString('The lesson, to watch', self::text($handout->sheets(Slides::painter(), false)));
    }

    public function test_the_answer_key_has_each_answer_with_the_slips_that_lead_astray(): void
    {
        $content = self::set('worked', 'units', UnitChange::blank(), 'Change the unit');
        $key = self::text(self::handout([$content])->answers());
        self::assertStringContainsString('Change the unit', $key);
        foreach (self::items($content) as $item) {
            self::assertStringContainsString(self::plain(Variation::written($item->answer)), $key);
            foreach ($item->slips as $why => $slip) {
                self::assertStringContainsString(self::plain(Variation::written($slip).': '.rtrim($why, '.')), $key);
            }
        }
    }

    public function test_words_are_ticked_and_the_right_one_does_not_stand_out(): void
    {
        $content = self::set('figure', 'polar-graph', PolarGraph::blank());
        $page = self::text(self::handout([$content])->pages());
        foreach (PracticeSet::from(new Fields($content))->items(3) as $item) {
            foreach ($item->choices() as $choice) {
                self::assertStringContainsString($choice, $page);
            }
            self::assertContains(Variation::written($item->answer), $item->choices());
        }
    }

    public function test_the_same_set_number_prints_the_same_and_another_prints_another(): void
    {
        $set = self::set('figure', 'solid', Solid::blank());
        self::assertSame(self::text(self::handout([$set])->pages()), self::text(self::handout([$set])->pages()));
        self::assertNotSame(self::text(self::handout([$set])->pages()), self::text(self::handout([['seed' => 42] + $set])->pages()));
    }

    public function test_everything_keeps_to_the_margins_of_every_page(): void
    {
        $sets = [];
        foreach (['bar-model', 'solid', 'venn', 'two-unknowns', 'polar-graph', 'timeline', 'function-graph'] as $name) {
            $sets[] = ['count' => 6] + self::set('figure', $name, self::blank($name));
        }
        foreach ([...self::handout($sets)->pages(), ...self::handout($sets)->answers()] as $page) {
            $this->assertKeepsToMargins($page);
        }
    }

    public function test_a_row_is_never_torn_and_a_heading_never_stands_alone(): void
    {
        $row = static fn (string $name, float $height, bool $leads = false): Row => new Row($height, [self::word($name)], $leads);
        $pages = (new Pages(Slides::typesetter(), 'Title', true, Paper::a4()))->of([
            $row('one', 2000),
            $row('head', 100, true),
            $row('two', 400),
            $row('three', 100),
        ]);
        self::assertCount(2, $pages);
        self::assertStringContainsString('one', self::text([$pages[0]]));
        self::assertStringNotContainsString('head', self::text([$pages[0]]));
        self::assertStringContainsString('head two three', self::text([$pages[1]]));
        self::assertStringContainsString('2 of 2', self::text([$pages[1]]));
    }

    public function test_a_slide_is_printed_when_it_asks_unless_the_teacher_says_always_or_never(): void
    {
        $asked = ['type' => 'number', 'prompt' => 'How long is it?', 'marks' => 1, 'value' => '41', 'unit' => 'cm'];
        $document = Slides::document([Slides::block('question', 'question', $asked, 'step-1')]);
        $telling = ['id' => 'telling', 'title' => 'Told only', 'blocks' => []] + $document['parts'][0]['slides'][0];
        $document['parts'][0]['slides'][] = ['steps' => [['id' => 'told', 'script' => '', 'pause' => 0]]] + $telling;
        $printed = static function (array $printed, bool $all) use ($document): array {
            $lesson = Lesson::from(['printed' => $printed] + $document);
            $handout = Handout::prepare($lesson, Slides::typefaces(), Slides::formulas(), Slides::codes());
            $text = self::text($handout->sheets(Slides::painter(), $all));

            return [str_contains($text, 'How long is it?'), str_contains($text, 'Told only')];
        };
        self::assertSame([true, false], $printed([], false));
        self::assertSame([true, true], $printed([], true));
        self::assertSame([true, true], $printed([['slide' => 'telling', 'always' => true]], false));
        self::assertSame([false, true], $printed([['slide' => 'slide-1', 'always' => false]], true));
    }

    public function test_words_slides_and_tasks_keep_to_the_margins_of_every_paper_and_tell_no_answer(): void
    {
        $asked = ['type' => 'number', 'prompt' => 'How long is it?', 'marks' => 3, 'value' => '41', 'unit' => 'cm'];
        $document = Slides::document([
            Slides::block('term', 'term', ['word' => 'gnomon', 'meaning' => 'what throws the shadow', 'hook' => ''], 'step-1'),
            Slides::block('question', 'question', $asked, 'step-1', ['answer' => 'step-2']),
        ]);
        $lesson = Lesson::from(['keyWords' => ['shadow', 'Gnomon']] + $document);
        foreach ([Paper::a4(), Paper::a4()->large(), Paper::letter(), Paper::letter()->large()] as $paper) {
            $handout = Handout::prepare($lesson, Slides::typefaces(), Slides::formulas(), Slides::codes(), $paper);
            $pages = $handout->sheets(Slides::painter(), true);
            $text = self::text($pages);
            self::assertSame(1, substr_count($text, 'How long is it? 3 marks'));
            self::assertStringContainsString('shadow', $text);
            // On its card and in the list, where both words are one.
            self::assertSame(2, substr_count(mb_strtolower($text), 'gnomon'));
            self::assertStringNotContainsString('41', $text);
            foreach ($pages as $page) {
                foreach (array_slice($page->groups, 1) as $group) {
                    foreach ($group->shapes as $shape) {
                        $box = $group->boxOf($shape);
                        self::assertGreaterThanOrEqual(Paper::MARGIN - 60, $box->x, $group->written());
                        self::assertLessThanOrEqual($paper->width - Paper::MARGIN + 60, $box->right(), $group->written());
                        self::assertLessThanOrEqual($paper->height - Paper::MARGIN + 60, $box->bottom(), $group->written());
                    }
                }
            }
        }
        self::assertStringContainsString("41\u{A0}cm", implode('', array_map(
            static fn (Scene $page): string => implode(' ', array_map(static fn ($group): string => $group->written(), $page->groups)),
            Handout::prepare($lesson, Slides::typefaces(), Slides::formulas(), Slides::codes())->answers(),
        )));
    }

    public function test_a_set_that_cannot_be_made_is_left_out_and_says_why(): void
    {
        $sets = [self::set('figure', 'picture-map', []), self::set('worked', 'units', UnitChange::blank())];
        $lesson = Lesson::from(['handout' => $sets] + Slides::document([]));
        self::assertSame(['This figure has no question that could be asked with other numbers.'], Handout::troubles($lesson));
        self::assertEquals(self::handout([$sets[1]])->pages(), self::handout($sets)->pages());
    }

    private function assertKeepsToMargins(Scene $page): void
    {
        foreach (array_slice($page->groups, 1) as $group) {
            foreach ($group->shapes as $shape) {
                self::assertGreaterThanOrEqual(Paper::MARGIN - 1, $group->x + $shape->box->x, $group->written());
                self::assertLessThanOrEqual(Paper::a4()->width - Paper::MARGIN + 1, $group->x + $shape->box->right(), $group->written());
                self::assertLessThanOrEqual(Paper::a4()->height - Paper::MARGIN, $group->y + $shape->box->bottom(), $group->written());
            }
        }
    }

    /** @param  list<array<string, mixed>>  $sets */
    private static function handout(array $sets): Handout
    {
        $lesson = Lesson::from(['handout' => $sets] + Slides::document([]));

        return Handout::prepare($lesson, Slides::typefaces(), Slides::formulas(), Slides::codes());
    }

    /**
     * @param  array<string, mixed>  $quantities
     * @return array<string, mixed>
     */
    private static function set(string $source, string $maker, array $quantities, string $title = ''): array
    {
        return [
            'id' => 'set',
            'title' => $title,
            'source' => $source,
            'maker' => $maker,
            'quantities' => $quantities,
            'seed' => 41,
            'count' => 3,
        ];
    }

    /**
     * @param  array<string, mixed>  $content
     * @return list<Variation>
     */
    private static function items(array $content): array
    {
        return array_merge(...array_map(PracticeSet::from(new Fields($content))->items(...), PracticeSet::LEVELS));
    }

    /** @return array<string, mixed> */
    private static function blank(string $name): array
    {
        return Figures::called($name)::blank();
    }

    private static function word(string $word): Shape
    {
        return Shape::words([[0.0, $word]], 40, Slides::typesetter()->face(false), 40, Paint::INK, new Box(0, 0, 100, 40));
    }

    /** @param  list<Scene>  $pages */
    private static function text(array $pages): string
    {
        $groups = array_merge(...array_map(static fn (Scene $page): array => $page->groups, $pages));

        return self::plain(implode(' ', array_map(static fn ($group): string => $group->written(), $groups)));
    }

    private static function plain(string $text): string
    {
        return (string) preg_replace('/[\s\x{00A0}\x{202F}]+/u', ' ', $text);
    }
}
