<?php

declare(strict_types=1);

namespace Tests\Core\Ready;

use Daybright\Lesson\Lesson;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** Rules about how a lesson is taught: each finds what it is for, and nothing where that is in order. */
final class TeachingRulesTest extends TestCase
{
    private const AIMS = ['aims' => [['id' => 'aim', 'text' => 'measure a shadow']]];

    public function test_an_aim_is_explained_then_practised(): void
    {
        $slide = static fn (string $id, array $more = []): array => ['id' => $id, 'aims' => ['aim']] + $more;
        $checked = ['exit-check', [$slide('check')]];
        self::assertStringContainsString('never explained', self::only('aim-left-out', self::parts([$checked]))->sentence);
        $explained = ['explain', [$slide('explain')]];
        self::assertStringContainsString('never practised', self::only('aim-left-out', self::parts([$explained, $checked]))->sentence);
        $practised = ['your-turn', [$slide('turn')]];
        self::assertNone('aim-left-out', self::parts([$explained, $practised, $checked]));
        self::assertNone('aim-left-out', self::lesson([], self::AIMS));
    }

    public function test_a_question_of_the_exit_check_serves_an_aim_and_one_press_says_which(): void
    {
        $ask = Slides::block('ask', 'question', ['type' => 'text', 'prompt' => 'Why?', 'marks' => 1, 'accepted' => ['noon']]);
        $lesson = self::AIMS + Slides::document([$ask], part: 'exit-check');
        $finding = self::only('exit-check-without-aim', Lesson::from($lesson));
        self::assertNotNull($finding->remedy);
        self::assertSame(
            [['slide' => 'slide-1', 'block' => null, 'path' => 'aims/-', 'value' => 'aim']],
            $finding->remedy->changes,
        );
        $served = Slides::document([$ask], more: ['aims' => ['aim']], part: 'exit-check');
        self::assertNone('exit-check-without-aim', Lesson::from(self::AIMS + $served));
        self::assertNone('exit-check-without-aim', Lesson::from(self::AIMS + Slides::document([$ask], part: 'your-turn')));
    }

    public function test_a_term_waits_for_its_card(): void
    {
        $content = ['word' => 'gnomon', 'meaning' => 'a stick', 'hook' => ''];
        $card = static fn (string $step): array => Slides::block('card', 'term', $content, $step);
        $script = ['Look at the gnomons.', 'A gnomon is a stick.'];
        self::assertSame('step-1', self::only('term-before-card', Slides::lesson([$card('step-2')], $script))->step);
        self::assertNone('term-before-card', Slides::lesson([$card('step-1')], $script));
        self::assertNone('term-before-card', Slides::lesson([$card('step-2')], ['A gnomonic map.', 'A gnomon.']), 'part of another word');
        self::assertNone('term-before-card', Slides::lesson([$card('step-2')], $script, [], 'opening'));
    }

    public function test_materials_that_the_script_asks_for_are_listed_and_one_press_lists_them(): void
    {
        $asking = static fn (string $script, array $materials = []): Lesson => Lesson::from(
            ['materials' => $materials] + Slides::document([], [$script]),
        );
        $finding = self::only('unlisted-material', $asking('Now take your ruler and a sheet of squared paper.'));
        self::assertStringContainsString('“ruler”', $finding->sentence);
        self::assertSame('materials/-', $finding->remedy?->changes[0]['path']);
        self::assertSame('ruler', $finding->remedy->changes[0]['value']);
        self::assertNone('unlisted-material', $asking('Now take your ruler.', ['a 30 cm ruler']));
        self::assertNone('unlisted-material', $asking('The ruler of the land took the sand road.'));
        $long = self::only('unlisted-material', $asking('You need a long measuring tape.'));
        self::assertStringContainsString('“measuring tape”', $long->sentence);
    }

    public function test_there_is_time_to_try_and_one_press_gives_it(): void
    {
        $ask = static fn (int $marks, ?int $seconds): Lesson => Slides::lesson([Slides::block('ask', 'question', [
            'type' => 'text', 'prompt' => 'Why?', 'marks' => $marks, 'seconds' => $seconds, 'accepted' => ['noon'],
        ])]);
        $finding = self::only('too-little-time', $ask(4, 30));
        self::assertSame('Wait 6 minutes', $finding->remedy?->label);
        self::assertSame(['path' => 'content/seconds', 'value' => null], array_slice($finding->remedy->changes[0], 2));
        self::assertNone('too-little-time', $ask(3, 30));
        self::assertNone('too-little-time', $ask(9, null));
    }

    public function test_what_a_remedy_puts_into_the_lesson_mends_it(): void
    {
        $ask = static fn (array $more): array => Slides::block('ask', 'question', [
            'type' => 'text', 'prompt' => 'Why?', 'marks' => 2, 'accepted' => ['noon'],
        ] + $more);
        $lessons = [
            'answer-shows-early' => Slides::document([$ask([])]),
            'too-little-time' => Slides::document([$ask(['seconds' => 5])]),
            'exit-check-without-aim' => self::AIMS + Slides::document([$ask([])], part: 'exit-check'),
            'unlisted-material' => ['materials' => ['chalk']] + Slides::document([], ['Take your ruler.']),
        ];
        foreach ($lessons as $rule => $document) {
            $remedy = self::only($rule, Lesson::from($document))->remedy;
            self::assertNotNull($remedy, $rule);
            foreach ($remedy->changes as $change) {
                $document = self::changed($document, $change);
            }
            self::assertNone($rule, Lesson::from($document), $rule);
        }
    }

    public function test_words_that_came_out_small_are_told(): void
    {
        $words = static fn (int $times): Lesson => Slides::lesson([
            Slides::block('words', 'text', ['text' => str_repeat('The shadow of the stick is long in the morning. ', $times)]),
        ]);
        self::assertSame('words', self::only('small-type', $words(34))->block);
        self::assertNone('small-type', $words(10));
    }

    public function test_more_than_forty_words_are_too_many_but_who_answers_may_read(): void
    {
        $text = implode(' ', array_fill(0, 41, 'shadow'));
        $showing = static fn (string $text): Lesson => Slides::lesson([Slides::block('t', 'text', ['text' => $text])]);
        self::assertStringStartsWith('41 words', self::only('too-many-words', $showing($text))->sentence);
        self::assertNone('too-many-words', $showing(substr($text, 7)));
        self::assertNone('too-many-words', Slides::lesson([
            Slides::block('q', 'question', ['type' => 'text', 'prompt' => $text, 'marks' => 5, 'accepted' => ['x']]),
        ]));
    }

    public function test_a_page_with_much_on_it_that_a_phone_cannot_lay_out_again_is_told(): void
    {
        $page = static fn (int $words, string $arrangement): Lesson => Lesson::from([
            'media' => ['page' => Slides::picture(implode(' ', array_fill(0, $words, 'quay')), 'Rowan')],
        ] + Slides::document(
            [Slides::block('p', 'picture', ['medium' => 'page', 'caption' => ''])],
            more: ['title' => '', 'arrangement' => $arrangement],
        ));
        self::assertStringContainsString('about 30 words', self::only('page-on-phone', $page(30, 'filled'))->sentence);
        self::assertNone('page-on-phone', $page(20, 'filled'));
        self::assertNone('page-on-phone', $page(30, 'whole'));
    }

    public function test_a_script_that_reads_the_slide_aloud_is_told(): void
    {
        $text = 'Plants make sugar from light, water and carbon dioxide, and give oxygen back through small openings below their leaves.';
        $lesson = static fn (string $script): Lesson => Slides::lesson([Slides::block('t', 'text', ['text' => $text])], [$script]);
        self::assertSame('slide-1', self::only('script-reads-slide', $lesson($text))->slide);
        self::assertNone('script-reads-slide', $lesson('Think of a leaf as a small kitchen. What goes in, and what comes out?'));
    }

    public function test_a_picture_that_stays_too_long_and_a_part_without_a_pause_are_told(): void
    {
        $spoken = static fn (int $words): string => implode(' ', array_fill(0, $words, 'shadow'));
        // At 120 words a minute.
        self::assertSame('step-1', self::only('nothing-new', Slides::lesson([], [$spoken(184)]))->step);
        self::assertNone('nothing-new', Slides::lesson([], [$spoken(178)]));
        $long = array_fill(0, 5, $spoken(150));
        self::assertStringContainsString('6 minutes', self::only('long-without-pause', Slides::lesson([], $long))->sentence);
        self::assertNone('long-without-pause', Slides::lesson([Slides::block('p', 'pause', ['prompt' => 'Try.', 'marks' => 1])], $long));
        self::assertNone('long-without-pause', Slides::lesson([], array_fill(0, 5, $spoken(140))));
    }

    public function test_two_slides_that_say_the_same_are_told(): void
    {
        $text = 'Morning shadows point west, evening shadows point east, noon shadows point north and are shortest.';
        $slide = static fn (string $id, string $text): array => [
            'id' => $id, 'blocks' => [Slides::block("{$id}-t", 'text', ['text' => $text], "{$id}-step")],
        ];
        $twice = [['explain', [$slide('one', $text), $slide('two', $text.' Really.')]]];
        self::assertSame('two', self::only('repeated-slide', self::parts($twice))->slide);
        $else = 'A sundial shows the hour by the shadow of a slanting edge upon lines.';
        $other = [['explain', [$slide('one', $text), $slide('two', $else)]]];
        self::assertNone('repeated-slide', self::parts($other));
    }

    public function test_a_picture_larger_than_it_is_sharp_is_told(): void
    {
        $document = Slides::document([Slides::block('photo', 'picture', ['medium' => 'leaf', 'caption' => ''])]);
        $shown = static fn (array $medium): Lesson => Lesson::from(
            ['media' => ['leaf' => $medium + Slides::picture('A leaf', 'me')]] + $document,
        );
        self::assertSame('photo', self::only('stretched-picture', $shown(['width' => 320, 'height' => 240]))->block);
        self::assertNone('stretched-picture', $shown([]));
        self::assertNone('stretched-picture', $shown(['width' => 32, 'height' => 24, 'type' => 'image/svg+xml']));
    }

    public function test_the_dearest_findings_come_first_and_one_set_aside_is_known_again(): void
    {
        $lesson = static fn (string $sum, int $words): Lesson => Slides::lesson(
            [Slides::block('t', 'text', ['text' => $sum])],
            ['', implode(' ', array_fill(0, $words, 'shadow'))],
        );
        $findings = (new ReadyCheck(Slides::painter()))->of($lesson('2 + 2 = 5', 200));
        self::assertSame(
            ['false-equality', 'empty-script', 'nothing-new'],
            array_map(static fn (Finding $finding): string => $finding->rule, $findings),
        );
        $costs = [];
        foreach (ReadyCheck::rules() as $rule) {
            $costs[$rule->name()] = $rule->cost();
        }
        self::assertSame(Cost::Misleads, $costs['false-equality']);
        self::assertCount(count(ReadyCheck::rules()), $costs, 'Two rules have one name.');
        // Ten words more are the same matter, another sum is not.
        $again = (new ReadyCheck(Slides::painter()))->of($lesson('2 + 2 = 6', 210));
        self::assertSame($findings[2]->id(), $again[2]->id());
        self::assertNotSame($findings[0]->id(), $again[0]->id());
        $told = $findings[0]->told([$findings[0]->id() => 'It is the mistake that they are to find.']);
        self::assertSame('It is the mistake that they are to find.', $told['setAside']);
    }

    /**
     * As the editor does it.
     *
     * @param  array<string, mixed>  $document
     * @param  array{slide: string|null, block: string|null, path: string, value: mixed}  $change
     * @return array<string, mixed>
     */
    private static function changed(array $document, array $change): array
    {
        $keys = match (true) {
            $change['block'] !== null => ['parts', 0, 'slides', 0, 'blocks', 0],
            $change['slide'] !== null => ['parts', 0, 'slides', 0],
            default => [],
        };
        $at = &$document;
        foreach ([...$keys, ...explode('/', $change['path'])] as $key) {
            self::assertIsArray($at);
            $key = $key === '-' ? count($at) : $key;
            $at = &$at[$key];
        }
        $at = $change['value'];

        return $document;
    }

    private static function only(string $rule, Lesson $lesson): Finding
    {
        $found = self::found($rule, $lesson);
        self::assertCount(1, $found, $rule);

        return $found[0];
    }

    private static function assertNone(string $rule, Lesson $lesson, string $message = ''): void
    {
        self::assertSame([], self::found($rule, $lesson), $message);
    }

    /** @return list<Finding> */
    private static function found(string $rule, Lesson $lesson): array
    {
        return array_values(array_filter(
            (new ReadyCheck(Slides::painter()))->of($lesson),
            static fn (Finding $finding): bool => $finding->rule === $rule,
        ));
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @param  array<string, mixed>  $more fields of the lesson
     */
    private static function lesson(array $blocks, array $more): Lesson
    {
        return Lesson::from($more + Slides::document($blocks));
    }

    /**
     * @param  list<array{string, list<array<string, mixed>>}>  $parts kinds with their slides, of which each has an id
     */
    private static function parts(array $parts): Lesson
    {
        $slide = Slides::document([])['parts'][0]['slides'][0];
        $steps = static fn (string $id): array => [['id' => "{$id}-step", 'script' => 'Look.', 'pause' => 0]];
        $filled = static fn (array $given): array => $given + ['steps' => $steps($given['id'])] + $slide;

        return Lesson::from(['parts' => array_map(static fn (int $number): array => [
            'id' => "part-{$number}",
            'kind' => $parts[$number][0],
            'slides' => array_map($filled, $parts[$number][1]),
        ], array_keys($parts))] + self::AIMS + Slides::document([]));
    }
}
