<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Program;
use App\Demo\DemoLessons;
use App\Models\Answer;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use App\Watching\StudentVisit;
use Daybright\Release\Questions;
use Illuminate\Testing\TestResponse;
use Tests\Core\Support\Slides;

/** What children do is theirs, and what is asked of them is not given away. */
class StudentTest extends TestCase
{
    use AsAStudent;

    public function test_no_byte_of_a_fresh_page_tells_an_answer_of_the_demo(): void
    {
        $rowan = $this->teacher();
        $this->actingAs($rowan);
        $searched = 0;
        foreach (['shadows-that-move', 'height-of-a-flagpole', 'poem-for-a-sundial'] as $number => $file) {
            $document = app(DemoLessons::class)->document($rowan, $file);
            $this->heron = Classroom::factory()->for($rowan)->withStudents('Ada')->create(['code' => "CODE234{$number}"]);
            $searched += $this->searchThrough($this->recorded($rowan, $document));
            $this->actingAs($rowan);
        }
        $this->assertGreaterThanOrEqual(12, $searched);
    }

    public function test_a_student_takes_over_what_asks_nothing_and_sees_no_later_step(): void
    {
        $graph = ['figure' => 'function-graph', 'quantities' => ['functions' => 'x² + 2x', 'from' => '-3', 'to' => '3']];
        $rows = ['rows' => [['hour', 'shadow'], ['10', '?48']], 'hasHead' => true, 'hasSide' => false, 'marks' => 1, 'stops' => true];
        $document = Slides::document([Slides::block('graph', 'figure', $graph, 'step-1', ['points-1' => 'step-2'])]);
        $document['parts'][0]['slides'][] = [
            'id' => 'slide-2',
            'steps' => [['id' => 'step-3', 'script' => 'Fill it in.', 'pause' => 0]],
            'blocks' => [Slides::block('other', 'figure', $graph, 'step-3'), Slides::block('asked', 'table', $rows, 'step-3')],
        ] + $document['parts'][0]['slides'][0];
        $share = $this->share($document);
        $slides = $this->getJson("/api/watch/{$share}")->assertOk()->json('slides');
        $this->assertSame(['graph'], $slides['slide-1']['live']);
        $this->assertArrayNotHasKey('live', $slides['slide-2']);
        $live = fn (array $changes): TestResponse => $this->postJson("/api/watch/{$share}/slides/slide-1/live", ['changes' => $changes]);

        $given = $live(['graph' => (object) []])->assertOk()->json('blocks.graph');
        $this->assertSame(['turn', 'turn'], array_column($given['handles'], 'way'));
        $turned = $live(['graph' => ['quantities' => ['functions' => 'x² + 5x']]])->assertOk()->json('blocks.graph.svg');
        $this->assertStringContainsString('>5x</tspan>', $turned);
        $this->assertStringNotContainsString('data-step="step-2"', $turned);
        foreach (['asked', 'other'] as $block) {
            $this->postJson("/api/watch/{$share}/slides/slide-2/live", ['changes' => [$block => (object) []]])
                ->assertUnprocessable()->assertJsonPath('detail', 'This cannot be worked here. Go on with the lesson.');
        }
        $this->postJson("/api/watch/{$share}/slides/slide-9/live", ['changes' => []])->assertNotFound();
    }

    public function test_who_helps_sees_what_to_do_and_no_names_and_no_answers(): void
    {
        $share = $this->share();
        $this->app['session']->flush();
        $overview = Share::query()->findOrFail($share)->overview_id;
        $this->assertNotSame($share, $overview);
        $page = $this->getJson("/api/overview/{$overview}")->assertOk();
        $page->assertJsonPath('stops.0.tasks.0.prompt', 'How long?')->assertJsonPath('aims', ['measure a shadow']);
        foreach (['Ada', 'Bram', '41', 'The Sun was higher', $share] as $secret) {
            $this->assertStringNotContainsString($secret, (string) $page->getContent());
        }
        $this->getJson('/api/overview/'.str_repeat('a', 22))->assertNotFound();
        for ($try = 0; $try < 60; $try++) {
            $last = $this->getJson('/api/overview/'.str_repeat('b', 22));
        }
        $last->assertStatus(429);
    }

    public function test_the_answer_is_shown_after_the_time_that_the_teacher_set_and_never_before(): void
    {
        $document = self::document();
        $document['parts'][0]['slides'][0]['blocks'][0]['content']['showAfter'] = 60;
        $document['parts'][1]['slides'][0]['blocks'][0]['content']['showAfter'] = 60;
        $share = $this->share($document);
        $see = fn (string $slide): TestResponse => $this->postJson("/api/watch/{$share}/tasks/{$slide}-question/answer");
        $this->getJson("/api/watch/{$share}")->assertJsonPath('pauses.0.question.showAfter', 60);
        // What lies behind an open question can neither be begun nor seen, and what is not there is not kept.
        foreach (['why-question', 'nothing'] as $hidden) {
            $this->putJson("/api/watch/{$share}/tasks/{$hidden}")->assertNotFound();
            $this->postJson("/api/watch/{$share}/tasks/{$hidden}/answer")->assertNotFound();
        }
        $this->assertNull(Visit::query()->sole()->asked);
        // Who was never asked has not tried.
        $this->assertStringContainsString('in 60 seconds', $see('measure')->assertStatus(422)->json('detail'));
        $this->putJson("/api/watch/{$share}/tasks/measure-question")->assertNoContent();
        $this->travel(30)->seconds();
        $this->putJson("/api/watch/{$share}/tasks/measure-question")->assertNoContent();
        $this->assertStringContainsString('in 30 seconds', $see('measure')->assertStatus(422)->json('detail'));
        $this->assertStringNotContainsString("41\u{A0}cm", (string) $this->getJson("/api/watch/{$share}")->getContent());
        $this->travel(31)->seconds();
        $see('measure')->assertOk()->assertJsonPath('model', "41\u{A0}cm")->assertJsonPath('earned', 0);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '41 cm'])->assertJsonPath('earned', 0);
        $this->putJson("/api/watch/{$share}/tasks/why-question")->assertNoContent();
        $this->travel(90)->seconds();
        $see('why')->assertStatus(422);
        $this->assertSame(1, Answer::query()->count());
    }

    public function test_a_task_is_read_aloud_once_it_may_be_known(): void
    {
        $share = $this->share();
        $sound = self::downloaded($this->get("/api/watch/{$share}/tasks/measure-question/sound")->assertOk());
        $seconds = (float) Program::run('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $sound]);
        $this->assertGreaterThan(0.4, $seconds);
        $this->get("/api/watch/{$share}/tasks/why-question/sound")->assertNotFound();
        $this->get("/api/watch/{$share}/tasks/nothing/sound")->assertNotFound();
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '41 cm'])->assertOk();
        $this->get("/api/watch/{$share}/tasks/why-question/sound")->assertOk();
    }

    /** Watches the lesson from question to question, and looks for the answers of all that are still open. */
    private function searchThrough(Lesson $lesson): int
    {
        $this->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated();
        $share = $this->putJson("/api/lessons/{$lesson->id}/shares", ['classroom' => $this->heron->id])->assertOk()->json('id');
        $this->app['auth']->guard()->logout();
        $this->enter('Ada')->assertOk();
        $open = array_map(static fn ($question): string => $question->answer(), Questions::in($lesson->read()));
        $searched = 0;
        $visit = app(StudentVisit::class)->open(Share::query()->findOrFail($share), $this->heron->students()->firstOrFail());
        $answered = [];
        for ($round = 0; $open !== [] && $round < 40; $round++) {
            $page = $this->getJson("/api/watch/{$share}")->assertOk()->json();
            $told = array_column(
                array_filter($page['pauses'], static fn (array $pause): bool => $pause['question'] !== null),
                null,
                'block',
            );
            $asked = array_values(array_diff_key($told, $answered));
            foreach ($open as $block => $answer) {
                // One that was asked shows its answers to choose from; nothing else of it may show.
                $bytes = self::written(isset($told[$block]) ? self::withoutAsked($page, $block) : $page);
                foreach (array_filter(explode("\n", $answer)) as $line) {
                    $this->assertStringNotContainsString(self::words("The answer is {$line}"), $bytes, "{$lesson->title}: {$block}");
                    if (mb_strlen($line) > 14) {
                        $this->assertStringNotContainsString(self::words($line), $bytes, "{$lesson->title}: {$block}");
                    }
                }
                $this->assertStringNotContainsString(
                    "data-block=\"{$block}\" data-piece=\"answer\"",
                    json_encode($page['slides'], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
                );
                $this->assertStringNotContainsString(
                    "data-block=\\\"{$block}\\\" data-piece=\\\"answer\\\"",
                    json_encode($page['slides'], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
                );
                $searched++;
            }
            if ($asked === []) {
                break;
            }
            // Answered in whatever way: from here on it may be told, unless it is one of the exit check.
            Answer::factory()->for($visit)->create(['block' => $asked[0]['block'], 'given' => 'x', 'readable' => 'x']);
            $answered[$asked[0]['block']] = true;
            if (! $asked[0]['exitCheck']) {
                unset($open[$asked[0]['block']]);
            }
        }
        $visit->update(['handed_in_at' => now()]);
        $this->assertStringContainsString(
            'data-piece=\\"answer\\"',
            json_encode($this->getJson("/api/watch/{$share}")->json('slides'), JSON_UNESCAPED_SLASHES),
        );

        return $searched === 0 ? 0 : count(Questions::in($lesson->read()));
    }

    /** @param  array<string, mixed>  $document */
    private function recorded(\App\Models\User $rowan, array $document): Lesson
    {
        $lesson = $this->lesson($rowan, $document);
        foreach ($lesson->read()->mainSlides() as $slide) {
            $take = $this->take($lesson, $slide->id, 1);
            $events = [['kind' => 'show', 'at' => 0, 'slide' => $slide->id]];
            foreach (array_slice($slide->steps, 1) as $number => $step) {
                $events[] = ['kind' => 'step', 'at' => round(900 * ($number + 1) / count($slide->steps), 1), 'step' => $step->id];
            }
            $take->update(['events' => $events]);
        }

        return $lesson;
    }

    /** @param  array<string, mixed>  $page */
    private static function written(array $page): string
    {
        $texts = [];
        array_walk_recursive($page, static function (mixed $value) use (&$texts): void {
            if (is_string($value)) {
                // Words of a drawing stand each in an element of its own.
                $texts[] = str_starts_with($value, '<svg') ? (string) preg_replace('/<[^>]+>/', ' ', $value) : $value;
            }
        });

        return self::words(html_entity_decode(implode(' ', $texts)));
    }

    private static function words(string $text): string
    {
        return mb_strtolower(trim((string) preg_replace('/[\s`*]+/u', ' ', $text)));
    }

    /**
     * @param  array<string, mixed>  $page
     * @return array<string, mixed>
     */
    private static function withoutAsked(array $page, string $block): array
    {
        foreach ($page['pauses'] as $index => $pause) {
            if ($pause['block'] === $block) {
                $page['pauses'][$index]['question'] = null;
                // Choices stand on the slide too, with the question.
                foreach ($page['slides'] as $id => $slide) {
                    $page['slides'][$id]['svg'] = preg_replace(
                        '~<g data-block="'.$block.'" data-piece="".*?</g>(?=<g|</svg>)~s',
                        '',
                        $slide['svg'],
                    );
                    $page['slides'][$id]['descriptions'] = $id === $pause['slide'] ? [] : $slide['descriptions'];
                }
            }
        }

        return $page;
    }

    public function test_what_follows_a_question_comes_with_its_answer_and_an_exit_check_with_its_handing_in(): void
    {
        $share = $this->share();
        $fresh = $this->getJson("/api/watch/{$share}")->assertOk();
        $this->assertSame(['measure'], array_keys($fresh->json('slides')));
        $this->assertStringNotContainsString('data-step="measure-2"', $fresh->json('slides.measure.svg'));
        $this->assertCount(1, $fresh->json('slides.measure.descriptions'));
        $this->assertSame(['The first line.'], array_column($fresh->json('captions'), 'text'));
        $this->assertSame([null, true], [$fresh->json('pauses.1.question'), $fresh->json('pauses.1.sealed')]);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '41 cm'])->assertOk();
        $next = $this->getJson("/api/watch/{$share}");
        $this->assertStringContainsString('data-step="measure-2"', $next->json('slides.measure.svg'));
        $this->assertStringNotContainsString('data-step="why-2"', $next->json('slides.why.svg'));
        $this->assertSame('Why?', $next->json('pauses.1.prompt'));
        $this->putJson("/api/watch/{$share}/answers/why-question", ['given' => 'The Sun.'])
            ->assertOk()
            ->assertJsonMissing(['model' => 'The Sun was higher.']);
        $this->assertStringNotContainsString('The Sun was higher', (string) $this->getJson("/api/watch/{$share}")->getContent());
        $this->postJson("/api/watch/{$share}/exit-check")->assertOk();
        $this->assertStringContainsString('data-step="why-2"', $this->getJson("/api/watch/{$share}")->json('slides.why.svg'));
    }

    public function test_every_way_of_taking_a_child_out_ends_its_sessions(): void
    {
        $share = $this->share();
        $ada = $this->heron->students()->where('name', 'Ada')->firstOrFail();
        $as = fn (string $method, string $address) => $this->actingAs($this->made->user)->json($method, $address)->assertSuccessful();
        $isOut = function () use ($share): void {
            $this->app['auth']->guard()->logout();
            $this->getJson("/api/watch/{$share}")->assertUnauthorized();
            $this->getJson('/api/watch/me')->assertUnauthorized();
        };
        $as('DELETE', "/api/classrooms/{$this->heron->id}/students/{$ada->id}/word");
        $isOut();
        $this->enter('Ada', 'moon')->assertOk();
        $as('POST', "/api/classrooms/{$this->heron->id}/code");
        $isOut();
        $this->enter('Ada', 'moon')->assertOk();
        $as('DELETE', "/api/classrooms/{$this->heron->id}/students/{$ada->id}");
        $isOut();
    }

    public function test_a_whole_class_joins_at_once_and_only_failures_are_counted(): void
    {
        $this->share();
        for ($child = 0; $child < 200; $child++) {
            $this->postJson('/api/watch/join', ['code' => 'ABCD2345'])->assertOk();
        }
        $begun = microtime(true);
        for ($child = 0; $child < 20; $child++) {
            $this->enter('Bram', 'star')->assertOk();
        }
        $this->assertSame(6, password_get_info((string) Student::query()->where('name', 'Bram')->value('word'))['options']['cost']);
    }

    public function test_words_are_throttled_for_a_child_over_all_addresses(): void
    {
        $this->share();
        for ($try = 0; $try < 8; $try++) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.{$try}"])->enter('Ada', "guess{$try}")->assertStatus(422);
        }
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])->enter('Ada', 'guess')->assertStatus(429);
        $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])->enter('Bram', 'moon')->assertOk();
    }

    public function test_handing_in_takes_what_is_on_the_page_and_nothing_after_it(): void
    {
        $share = $this->share();
        $this->postJson("/api/watch/{$share}/exit-check", ['answers' => ['why-question' => ' ']])->assertStatus(422);
        $this->putJson("/api/watch/{$share}/answers/why-question", ['given' => 'Old.'])->assertOk();
        $this->postJson(
            "/api/watch/{$share}/exit-check",
            ['answers' => ['why-question' => 'New.', 'measure-question' => '41 cm', 'nothing' => 'x']],
        )->assertOk()->assertJsonPath('answers.why-question.given', 'New.');
        $this->putJson("/api/watch/{$share}/answers/why-question", ['given' => 'Late.'])->assertStatus(422);
        $this->assertSame(['New.'], Answer::query()->pluck('given')->all());
    }

    public function test_the_first_answer_counts_and_a_slip_is_told_again(): void
    {
        $share = $this->share();
        $told = $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '48 cm'])->assertOk()->json('sentence');
        $this->assertStringContainsString('shadow at ten', $told);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => '41 cm'])->assertOk()->assertJsonPath('given', '48 cm');
        $this->getJson("/api/watch/{$share}")->assertJsonPath('visit.answers.measure-question.sentence', $told);
    }

    public function test_watched_is_what_was_played(): void
    {
        $share = $this->share();
        $place = fn (float $at) => $this->putJson("/api/watch/{$share}/place", ['position' => $at])->assertNoContent();
        $this->freezeTime();
        $place(0);
        $place(3_600_000);
        $this->assertLessThan(15_000, Visit::query()->firstOrFail()->furthest);
        $this->travel(10)->seconds();
        $place(30_000);
        $this->assertEqualsWithDelta(30_000, Visit::query()->firstOrFail()->furthest, 1);
        $place(0);
        $this->assertEqualsWithDelta(30_000, Visit::query()->firstOrFail()->furthest, 1);
    }

    public function test_private_files_are_kept_by_nobody_in_between(): void
    {
        $share = $this->share();
        $release = $this->made->releases()->firstOrFail();
        $take = $this->made->takes()->firstOrFail();
        $seen = [$this->get("/api/watch/{$share}/sound.webm")->assertOk()];
        $this->actingAs($this->made->user);
        foreach ([
            "/api/releases/{$release->id}/sound.m4a",
            "/api/takes/{$take->id}/narration",
            "/api/takes/{$take->id}/sound",
            "/api/lessons/{$this->made->id}/files/archive",
        ] as $address) {
            $seen[] = $this->get($address)->assertOk();
        }
        foreach ($seen as $answer) {
            $control = (string) $answer->headers->get('Cache-Control');
            $this->assertStringContainsString('private', $control);
            $this->assertStringNotContainsString('public', $control);
            $this->assertMatchesRegularExpression('/no-cache|no-store/', $control);
        }
    }

    public function test_signs_of_typesetting_and_names_of_facts_are_words_on_the_page(): void
    {
        $document = self::document();
        $slide = &$document['parts'][0]['slides'][0];
        $slide['steps'][0]['script'] = 'The *whole* is {whole}. See picture:'.str_repeat('a', 64).' and `3/4`.';
        $slide['blocks'][0]['content'] = [
            'type' => 'choice',
            'prompt' => 'Is it *{whole}*, as in `1/2`?',
            'marks' => 1,
            'hint' => 'Think of *two*.',
            'seconds' => 5,
            'choices' => [['id' => 'a', 'text' => '*two* of {whole}', 'right' => true], ['id' => 'b', 'text' => '`3/4`', 'right' => false]],
        ];
        array_unshift(
            $slide['blocks'],
            [
                'id' => 'bars',
                'kind' => 'figure',
                'region' => 'main',
                'step' => 'measure-1',
                'reveals' => (object) [],
                'content' => [
                    'figure' => 'bar-model',
                    'quantities' => ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'kg'],
                ],
            ],
        );
        $page = $this->getJson('/api/watch/'.($share = $this->share($document)))->assertOk()->json();
        $this->assertSame("Is it 40\u{A0}kg, as in 1/2?", $page['pauses'][0]['prompt']);
        $this->assertSame(["two of 40\u{A0}kg", '3/4'], array_column($page['pauses'][0]['question']['choices'], 'text'));
        $this->assertSame('Think of two.', $page['pauses'][0]['question']['hint']);
        $captions = str_replace("\n", ' ', implode(' ', array_column($page['captions'], 'text')));
        $this->assertSame("The whole is 40\u{A0}kg. See picture:".str_repeat('a', 64).' and 3/4.', $captions);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => 'b'])
            ->assertOk()
            ->assertJsonPath('model', "two of 40\u{A0}kg")
            ->assertJsonPath('readable', '3/4');
    }

    public function test_a_class_gets_parts_as_they_open_and_answers_after_the_due_day(): void
    {
        $this->travelTo('2026-12-01 10:00');
        $share = $this->share();
        $teacher = $this->made->user;
        $change = fn (array $given): TestResponse => $this->actingAs($teacher)
            ->putJson("/api/lessons/{$this->made->id}/shares", ['classroom' => $this->heron->id, ...$given]);
        $change(['answersAfterDue' => true])->assertStatus(422)->assertJsonPath('pointer', '/due');
        $change(['parts' => ['nonsense' => '2026-12-02']])->assertStatus(422);
        $parts = $this->made->read()->parts;
        $exitCheck = $parts[count($parts) - 1]->kind->value;
        $change(['due' => '2026-12-03', 'answersAfterDue' => true, 'parts' => [$exitCheck => '2026-12-02']])->assertOk();
        $change(['due' => '2026-12-03'])->assertOk();

        $this->enter('Ada');
        $page = $this->getJson("/api/watch/{$share}")->assertJsonPath('closed', [$exitCheck => '2026-12-02'])->json();
        $before = $this->getJson('/api/watch/me')->json('lessons.0.edition');
        $blocks = array_column(array_filter($page['pauses'], static fn (array $pause): bool => $pause['exitCheck']), 'block');
        $answer = fn (): TestResponse => $this->putJson("/api/watch/{$share}/answers/{$blocks[0]}", ['given' => 'It was high.']);
        $answer()->assertStatus(422)->assertJsonPath('detail', 'This part of the lesson is not open yet.');
        $this->postJson("/api/watch/{$share}/exit-check", ['answers' => [$blocks[0] => 'It was high.']])->assertStatus(422);

        $this->travelTo('2026-12-02 10:00');
        $this->assertNotSame($before, $this->getJson('/api/watch/me')->json('lessons.0.edition'));
        $answer()->assertOk();
        $this->postJson("/api/watch/{$share}/exit-check")->assertOk()->assertJsonMissingPath("answers.{$blocks[0]}.model");
        $this->getJson("/api/watch/{$share}")->assertJsonPath('comparedFrom', '2026-12-03');
        $this->travelTo('2026-12-04 10:00');
        $this->getJson("/api/watch/{$share}")
            ->assertJsonPath('comparedFrom', null)
            ->assertJsonPath("visit.answers.{$blocks[0]}.model", 'The Sun was higher.');
    }
}
