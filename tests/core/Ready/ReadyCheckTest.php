<?php

declare(strict_types=1);

namespace Tests\Core\Ready;

use Daybright\Deck\SideSlides;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideReport;
use Daybright\Recording\Take;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class ReadyCheckTest extends TestCase
{
    public function test_a_lesson_in_order_has_no_findings(): void
    {
        self::assertSame([], self::rules(Slides::lesson([
            Slides::block('text', 'text', ['text' => '6 × 7 = 42']),
            Slides::block(
                'q',
                'question',
                ['type' => 'number', 'prompt' => 'How high?', 'marks' => 1, 'value' => '4.5', 'unit' => 'm'],
                'step-1',
                ['answer' => 'step-2'],
            ),
        ])));
    }

    public function test_a_false_sum_is_found_on_the_slide_in_the_worked_example_and_in_the_script(): void
    {
        $findings = self::findings(Slides::lesson([
            Slides::block('text', 'text', ['text' => '6 × 7 = 44']),
            Slides::block('worked', 'worked', ['task' => '', 'lines' => [['id' => 'one', 'formula' => '3/4 + 1/2 = 4/6', 'reason' => '']]]),
        ], ['So 14 × 30 = 450.', 'Well.']));
        self::assertSame(
            ['false-equality', 'false-equality', 'false-equality'],
            array_map(static fn (Finding $finding): string => $finding->rule, $findings),
        );
        self::assertSame(['text', 'worked', null], array_map(static fn (Finding $finding): ?string => $finding->block, $findings));
        self::assertSame('lines/0/formula', $findings[1]->field);
        self::assertSame('step-1', $findings[2]->step);
    }

    public function test_a_fact_in_a_sum_is_checked_too(): void
    {
        $figure = Slides::block(
            'bars',
            'figure',
            [
                'figure' => 'bar-model',
                'quantities' => ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'kg'],
            ],
        );
        self::assertSame([], self::rules(Slides::lesson([$figure, Slides::block('text', 'text', ['text' => '2 × 8 kg = {shaded}'])])));
        self::assertSame(
            ['false-equality'],
            self::rules(Slides::lesson([$figure, Slides::block('text', 'text', ['text' => '3 × 8 kg = {shaded}'])])),
        );
    }

    public function test_a_missing_or_wrong_unit_is_found(): void
    {
        self::assertSame(['unit'], self::rules(Slides::lesson([Slides::block('text', 'text', ['text' => '5 m × 3 = 15'])])));
        self::assertSame(['unit'], self::rules(Slides::lesson([Slides::block('text', 'text', ['text' => 'Volume = 60 cm'])])));
    }

    public function test_an_answer_with_its_question_or_before_it_is_found(): void
    {
        $question = ['type' => 'number', 'prompt' => 'How high?', 'marks' => 1, 'value' => '4.5', 'unit' => 'm'];
        self::assertSame(['answer-shows-early'], self::rules(Slides::lesson([Slides::block('q', 'question', $question)])));
        $later = Slides::block('q', 'question', $question, 'step-1', ['answer' => 'step-2']);
        self::assertSame(
            ['answer-shows-early'],
            self::rules(Slides::lesson([$later, Slides::block('text', 'text', ['text' => 'The pole is 4.5 m high.'])])),
        );
        self::assertSame(['answer-shows-early'], self::rules(Slides::lesson([$later], ['It is 4.5 m high, is it not?', 'Yes.'])));
        self::assertSame(
            [],
            self::rules(Slides::lesson([$later, Slides::block('text', 'text', ['text' => 'The pole is 4.5 m high.'], 'step-2')])),
        );
        self::assertSame([], self::rules(Slides::lesson([$later, Slides::block('text', 'text', ['text' => 'The mast is 14.5 m high.'])])));
    }

    public function test_a_picture_without_description_credit_or_licence_is_found(): void
    {
        $document = Slides::document([Slides::block('picture', 'picture', ['medium' => 'photo', 'caption' => ''])]);
        $medium = [
            'name' => 'gate.png',
            'type' => 'image/png',
            'width' => 1000,
            'height' => 1000,
            'sha256' => str_repeat('a', 64),
            'description' => '',
            'credit' => 'R. Ashby',
            'licence' => '',
        ];
        $findings = self::findings(Lesson::from(['media' => ['photo' => $medium]] + $document));
        self::assertStringContainsString('a description and a licence', $findings[0]->sentence);
        self::assertSame(
            [],
            self::rules(Lesson::from(['media' => ['photo' => ['description' => 'A gate.', 'licence' => 'own'] + $medium]] + $document)),
        );
    }

    public function test_an_empty_script_a_full_slide_and_too_many_minutes_are_found(): void
    {
        self::assertSame(['empty-script'], self::rules(Slides::lesson([], ['', 'Hello.'])));
        self::assertSame(
            ['full-slide'],
            self::rules(Slides::lesson([Slides::block('text', 'text', ['text' => str_repeat('Too much of it. ', 300)])])),
        );
        $findings = self::findings(Slides::lesson([], [str_repeat('word ', 660)]));
        // 660 words at 120 a minute are 5:30, half a minute over the 5 planned.
        self::assertStringContainsString('5:30', $findings[0]->sentence);
        self::assertStringContainsString('0:30 more', $findings[0]->sentence);
    }

    public function test_a_side_slide_is_reached_through_maps_and_else_found(): void
    {
        $lesson = static fn (string $spot, string $further): Lesson => Lesson::from(self::withSideSlides($spot, $further));
        self::assertSame(
            ['near', 'far'],
            SideSlides::reached($lesson('near', 'far'), ['slide-1' => ['near'], 'near' => ['far']], ['slide-1']),
        );
        self::assertNotContains('side-slide-out-of-reach', self::rules($lesson('near', 'far')));
        // A round of side slides that nothing leads to is out of reach, one and all.
        self::assertCount(2, array_keys(self::rules($lesson('', 'far')), 'side-slide-out-of-reach', true));
        self::assertCount(1, array_keys(self::rules($lesson('near', 'near')), 'side-slide-out-of-reach', true));
    }

    public function test_a_spot_that_leads_nowhere_and_a_question_on_a_side_slide_are_found(): void
    {
        $lost = self::findings(Lesson::from(self::withSideSlides('gone', 'far')));
        self::assertContains(
            '“1. the boat” leads to a side slide that is not there. Choose another for it, or let it lead nowhere.',
            array_map(static fn (Finding $finding): string => $finding->sentence, $lost),
        );
        $document = self::withSideSlides('near', 'far');
        $document['parts'][0]['slides'][2]['blocks'] = [Slides::block(
            'q',
            'question',
            ['type' => 'number', 'prompt' => 'How high?', 'marks' => 1, 'value' => '4', 'unit' => 'm'],
            'far-1',
        )];
        $sentences = array_map(static fn (Finding $finding): string => $finding->sentence, self::findings(Lesson::from($document)));
        self::assertContains(
            'The lesson does not stop on a side slide, so nobody is asked this question. Move it to a slide of the main line.',
            $sentences,
        );
    }

    /** @return array<string, mixed> a slide with a map, the side slide “near” with another, and the side slide “far” */
    private static function withSideSlides(string $spot, string $further): array
    {
        $map = static fn (string $id, string $slide, string $step): array => Slides::block(
            $id,
            'figure',
            [
                'figure' => 'picture-map',
                'quantities' => ['picture' => 'photo', 'spots' => [['name' => 'the boat', 'x' => 0.5, 'y' => 0.5, 'slide' => $slide]]],
            ],
            $step,
        );
        $document = Slides::document([$map('map', $spot, 'step-1')]);
        $main = $document['parts'][0]['slides'][0];
        $side = static fn (string $id, array $blocks): array => [
            'id' => $id,
            'side' => true,
            'steps' => [['id' => "{$id}-1", 'script' => 'Look.', 'pause' => 0]],
            'blocks' => $blocks,
        ] + $main;
        $document['parts'][0]['slides'] = [$main, $side('near', [$map('map-2', $further, 'near-1')]), $side('far', [])];
        $document['media'] = ['photo' => [
            'name' => 'boat.png',
            'type' => 'image/png',
            'width' => 900,
            'height' => 600,
            'sha256' => str_repeat('a', 64),
            'description' => 'A boat.',
            'credit' => 'R. Ashby',
            'licence' => 'own',
        ]];

        return $document;
    }

    public function test_what_was_found_on_a_slide_is_the_same_after_it_was_kept(): void
    {
        $lesson = Lesson::from(self::withSideSlides('gone', 'far'));
        $slide = $lesson->slides()[0];
        $report = SlideReport::summarise(SlideInspection::inspect($lesson, $slide, Slides::painter()->paint($lesson, $slide)));
        self::assertNotSame([], $report->links);
        $kept = json_decode((string) json_encode($report->toArray()), true);
        self::assertEquals($report, SlideReport::read(new Fields($kept)));
    }

    public function test_an_aim_that_no_question_checks_is_found(): void
    {
        $question = Slides::block(
            'q',
            'question',
            ['type' => 'number', 'prompt' => 'How high?', 'marks' => 1, 'value' => '4.5', 'unit' => 'm'],
            'step-1',
            ['answer' => 'step-2'],
        );
        $with = static fn (array $aims, array $blocks, string $part = 'example'): Lesson => Lesson::from(
            ['aims' => [
                ['id' => 'height', 'text' => 'find a height'],
                ['id' => 'blank', 'text' => ''],
            ]] + Slides::document($blocks, more: ['aims' => $aims], part: $part),
        );
        self::assertSame([], self::rules($with(['height'], [$question])));
        self::assertSame(['unchecked-aim'], self::rules($with([], [$question])));
        self::assertSame(['unchecked-aim'], self::rules($with(['height'], [])));
        self::assertStringContainsString('“find a height”', self::findings($with([], []))[0]->sentence);
    }

    public function test_an_unfinished_question_figure_or_picture_is_found(): void
    {
        self::assertSame(['unfinished', 'unfinished', 'unfinished'], self::rules(Slides::lesson([
            Slides::block(
                'q',
                'question',
                ['type' => 'text', 'prompt' => '', 'marks' => 1, 'value' => ''],
                'step-1',
                ['answer' => 'step-2'],
            ),
            Slides::block(
                'f',
                'figure',
                ['figure' => 'solid', 'quantities' => ['mode' => 'edges', 'length' => '', 'width' => '1', 'height' => '1', 'unit' => 'cm']],
            ),
            Slides::block('p', 'picture', ['medium' => null]),
        ])));
    }

    public function test_a_recording_that_tells_of_what_is_gone_is_found(): void
    {
        $lesson = Slides::lesson([], ['One.', 'Two.']);
        $told = static fn (array ...$events): array => array_filter(
            (new ReadyCheck(Slides::painter()))->of($lesson, ['slide-1' => Take::recorded('take', 'slide-1', 48000, $events, [])]),
            static fn (Finding $finding): bool => $finding->rule === 'take-shows-missing-step',
        );
        self::assertSame([], $told(['kind' => 'step', 'at' => 10, 'step' => 'step-2']));
        self::assertCount(1, $told(['kind' => 'step', 'at' => 10, 'step' => 'step-9']));
        self::assertCount(1, $told(['kind' => 'visit', 'at' => 10, 'slide' => 'slide-9'], ['kind' => 'return', 'at' => 20]));
        self::assertSame(
            [],
            $told(
                ['kind' => 'visit', 'at' => 10, 'slide' => 'slide-1'],
                ['kind' => 'return', 'at' => 20],
                ['kind' => 'step', 'at' => 30, 'step' => 'step-2'],
            ),
        );
    }

    /** @return list<Finding> */
    private static function findings(Lesson $lesson): array
    {
        return (new ReadyCheck(Slides::painter()))->of($lesson);
    }

    /** @return list<string> */
    private static function rules(Lesson $lesson): array
    {
        return array_map(static fn (Finding $finding): string => $finding->rule, self::findings($lesson));
    }

    public function test_a_script_above_the_class_is_found_when_its_year_is_said(): void
    {
        $hard = 'Notwithstanding considerable meteorological uncertainty, the astronomical observations demonstrated extraordinarily consistent geometrical relationships between perpendicular instruments and their corresponding shadows throughout successive afternoons, irrespective of individual measurement inaccuracies introduced by inexperienced observers.';
        $document = Slides::document([Slides::block('b', 'text', ['text' => 'The Sun is up.'])], [$hard, 'Look.']);
        $names = static fn (array $lesson): array => array_map(
            static fn (Finding $finding): string => $finding->rule,
            (new ReadyCheck(Slides::painter()))->of(Lesson::from($lesson)),
        );
        self::assertNotContains('hard-to-read', $names($document));
        self::assertContains('hard-to-read', $names(['readingYear' => 6] + $document));
        self::assertNotContains(
            'hard-to-read',
            $names(['readingYear' => 6] + Slides::document([], [str_repeat('The Sun is up. We go out. ', 8), 'Look.'])),
        );
    }
}
