<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\PaintedSlides;
use App\Models\Lesson;
use App\Models\Revision;
use Daybright\Figure\Figures;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;

class LessonTest extends TestCase
{
    public function test_a_lesson_is_made_in_a_series_and_shown_with_its_pictures_and_times(): void
    {
        $teacher = $this->teacher();
        $made = $this->actingAs($teacher)
            ->postJson('/api/lessons', ['title' => 'Shadows', 'minutes' => 6, 'newSeries' => 'The Sun'])
            ->assertCreated()
            ->json('id');
        $shown = $this->getJson("/api/lessons/{$made}")->assertOk();
        $slide = $shown->json('document.parts.0.slides.0.id');
        $this->assertStringStartsWith('<svg', $shown->json("scenes.{$slide}.svg"));
        $this->assertSame('The Sun', $shown->json('series'));
        $this->assertCount(8, $shown->json('document.parts'));
        $this->getJson('/api/home')->assertOk()->assertJsonPath('series.0.lessons.0.title', 'Shadows');
    }

    public function test_a_save_is_a_revision_that_can_be_undone_and_redone(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher);
        foreach (['One', 'Two'] as $version => $title) {
            $this->putJson(
                "/api/lessons/{$lesson->id}",
                ['version' => $version + 1, 'document' => ['title' => $title] + self::document()],
            )->assertOk()->assertJsonPath('version', $version + 2);
        }
        $this->postJson("/api/lessons/{$lesson->id}/undo", ['version' => 3])
            ->assertOk()
            ->assertJsonPath('document.title', 'One')
            ->assertJsonPath('canRedo', true);
        $this->postJson("/api/lessons/{$lesson->id}/undo", ['version' => 4])
            ->assertJsonPath('document.title', 'Shadows')
            ->assertJsonPath('canUndo', false);
        $this->postJson("/api/lessons/{$lesson->id}/redo", ['version' => 5])->assertJsonPath('document.title', 'One');
        $this->putJson(
            "/api/lessons/{$lesson->id}",
            ['version' => 6, 'document' => ['title' => 'Three'] + self::document()],
        )->assertJsonPath('canRedo', false);
        $this->assertSame('Three', Lesson::query()->find($lesson->id)->title);
    }

    public function test_a_save_against_an_old_version_is_refused_and_both_are_kept(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher)->putJson(
            "/api/lessons/{$lesson->id}",
            ['version' => 1, 'document' => ['title' => 'Theirs'] + self::document()],
        )->assertOk();
        $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => ['title' => 'Mine'] + self::document()])
            ->assertStatus(409)
            ->assertJsonPath('document.title', 'Theirs')
            ->assertJsonPath('version', 2)
            ->assertHeader('Content-Type', 'application/problem+json');
        $this->assertSame('Theirs', $lesson->fresh()->document()->title());
        $this->assertSame('Mine', Revision::query()->where('set_aside', true)->firstOrFail()->document->title());
    }

    public function test_a_save_returns_the_pictures_of_the_slides_that_changed_and_no_others(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $document = self::document();
        $document['parts'][0]['slides'][0]['title'] = 'Another title';
        $scenes = $this->actingAs($teacher)
            ->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $document])
            ->assertOk()
            ->json('scenes');
        $this->assertSame(['measure'], array_keys($scenes));
        $this->assertStringContainsString('Another', $scenes['measure']['svg']);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>}> */
    public static function broken(): iterable
    {
        yield 'no title' => [static fn (array $document): array => ['title' => ''] + $document];
        yield 'another format' => [static fn (array $document): array => ['format' => 'slides'] + $document];
        yield 'too long' => [static fn (array $document): array => ['minutes' => 5000] + $document];
        yield 'an unknown field' => [static fn (array $document): array => $document + ['extra' => 1]];
        yield 'an unknown kind of block' => [static function (array $document): array {
            $document['parts'][0]['slides'][0]['blocks'][0]['kind'] = 'hologram';

            return $document;
        }];
        yield 'the same id twice' => [static function (array $document): array {
            $document['parts'][1]['slides'][0]['id'] = 'measure';

            return $document;
        }];
        yield 'a picture that is not here' => [
            static fn (array $document): array => ['media' => ['x' => [
                'name' => 'x',
                'type' => 'image/png',
                'width' => 1,
                'height' => 1,
                'sha256' => str_repeat('0', 64),
                'description' => '',
                'credit' => '',
                'licence' => '',
            ]]] + $document,
        ];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $break */
    #[DataProvider('broken')]
    public function test_a_broken_document_is_refused_with_a_sentence_and_changes_nothing(callable $break): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $answer = $this->actingAs($teacher)
            ->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $break(self::document())])
            ->assertStatus(422);
        $this->assertNotSame('', $answer->json('detail'));
        $this->assertSame(1, $lesson->fresh()->version);
    }

    public function test_a_save_may_carry_the_changed_slides_alone(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $document = json_decode((string) $lesson->document());
        $changed = $document->parts[0]->slides[0];
        $changed->title = 'Measured anew';
        $frame = self::frame($document);
        $frame->title = 'Another title';
        $answer = $this->actingAs($teacher)->patchJson(
            "/api/lessons/{$lesson->id}",
            ['version' => 1, 'frame' => $frame, 'slides' => [$changed->id => $changed]],
        )->assertOk()->assertJsonPath('version', 2);
        $this->assertSame([$changed->id], array_keys($answer->json('scenes')));
        $saved = json_decode((string) $lesson->fresh()->document());
        $document->title = 'Another title';
        $this->assertEquals($document, $saved);
    }

    public function test_a_change_is_refused_when_it_is_stale_names_a_lost_slide_or_breaks_the_schema(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $document = json_decode((string) $lesson->document());
        $second = $document->parts[1]->slides[0];
        $save = fn (array $body) => $this->actingAs($teacher)->patchJson(
            "/api/lessons/{$lesson->id}",
            $body + ['version' => 1, 'frame' => self::frame($document), 'slides' => (object) []],
        );
        $save(['version' => 0])->assertStatus(409)->assertJsonPath('version', 1);
        $lost = self::frame($document);
        $lost->parts[0]->slides[] = 'nowhere';
        $save(['frame' => $lost])->assertStatus(422);
        $save(['frame' => (object) ['parts' => [1]]])->assertStatus(422);
        $second->steps[0]->script = str_repeat('a', 4001);
        // The place is that in the whole document, though the slides before it were not sent.
        $save(['slides' => [$second->id => $second]])->assertStatus(422)->assertJsonPath('pointer', '/parts/1/slides/0/steps/0/script');
        $second->steps[0]->script = 'Short.';
        $second->blocks[0]->content->marks = 'many';
        $save(['slides' => [$second->id => $second]])->assertStatus(422)
            ->assertJsonPath('pointer', '/parts/1/slides/0/blocks/0/content/marks');
        // A slide under the name of another would be kept unchecked.
        $save(['slides' => [$document->parts[0]->slides[0]->id => $second]])->assertStatus(422);
        $long = self::frame($document);
        $long->title = str_repeat('a', 201);
        $save(['frame' => $long])->assertStatus(422)->assertJsonPath('pointer', '/title');
        $this->assertSame(1, $lesson->fresh()->version);
    }

    public function test_a_slide_is_painted_once_for_as_long_as_it_stays_as_it_is(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher)->getJson("/api/lessons/{$lesson->id}")->assertOk();
        // Two slides, and how the blocks of each were composed.
        $this->assertSame(4, PaintedSlides::table()->count());
        $kept = PaintedSlides::table()->where('view', 'like', '%Measure%');
        $view = json_decode((string) $kept->clone()->value('view'));
        $view->svg = 'kept';
        $kept->update(['view' => json_encode($view, JSON_THROW_ON_ERROR)]);
        $this->assertSame('kept', $this->getJson("/api/lessons/{$lesson->id}")->json('scenes.measure.svg'));
        $this->getJson("/api/lessons/{$lesson->id}/ready")->assertOk();
        // And what the ready check found.
        $this->assertSame(5, PaintedSlides::table()->count());
        // Another title is another picture of the same composition, and what another edition of the program painted is not used.
        $this->putJson(
            "/api/lessons/{$lesson->id}",
            ['version' => 1, 'document' => json_decode(str_replace('"Measure"', '"Other"', (string) $lesson->document()))],
        )->assertOk();
        $this->assertSame(6, PaintedSlides::table()->count());
        config(['daybright.edition' => 'another']);
        $this->assertNotSame('kept', $this->getJson("/api/lessons/{$lesson->id}")->json('scenes.measure.svg'));
    }

    /** The document with an id in the place of every slide. */
    private static function frame(stdClass $document): stdClass
    {
        $frame = json_decode((string) json_encode($document));
        foreach ($frame->parts as $part) {
            $part->slides = array_map(static fn (stdClass $slide): string => $slide->id, $part->slides);
        }

        return $frame;
    }

    public function test_the_published_schema_is_the_one_that_the_kinds_give(): void
    {
        foreach (require base_path('schema/published.php') as $name => $schema) {
            $this->assertSame((string) file_get_contents(base_path("schema/{$name}")), $schema, "{$name}: run php schema/build.php");
        }
        (new LessonSchema)->check(LessonDocument::from(self::document()));
    }

    /** @return iterable<string, array{string, string}> method and address of another teacher's things */
    public static function doors(): iterable
    {
        foreach ([
            'GET ',
            'PUT ',
            'DELETE ',
            'GET /ready',
            'GET /files/archive',
            'GET /takes',
            'GET /programme',
            'GET /share',
            'POST /releases',
            'GET /replies',
            'POST /undo',
            'POST /voice',
        ] as $door) {
            [$method, $rest] = explode(' ', $door);
            yield $door => [$method, $rest];
        }
    }

    #[DataProvider('doors')]
    public function test_a_teacher_cannot_reach_the_lesson_of_another_nor_can_a_stranger(string $method, string $rest): void
    {
        $lesson = $this->lesson($this->teacher());
        $this->json($method, "/api/lessons/{$lesson->id}{$rest}")->assertUnauthorized();
        $this->actingAs($this->teacher('Sol'))->json($method, "/api/lessons/{$lesson->id}{$rest}")->assertNotFound();
    }

    public function test_takes_classes_releases_and_exports_of_another_teacher_are_closed_too(): void
    {
        $teacher = $this->teacher();
        $lesson = $this->lesson($teacher);
        $take = $this->take($lesson, 'measure', 0.5);
        $classroom = $this->classroom($teacher, 'Ada');
        $this->actingAs($this->teacher('Sol'));
        $this->getJson("/api/takes/{$take->id}/sound")->assertNotFound();
        $this->deleteJson("/api/takes/{$take->id}")->assertNotFound();
        $this->putJson("/api/classrooms/{$classroom->id}", ['name' => 'Mine', 'students' => []])->assertNotFound();
        $this->putJson("/api/lessons/{$this->lesson($this->teacher('Kim'))->id}/shares", ['classroom' => $classroom->id])->assertNotFound();
        $this->assertSame('6 Heron', $classroom->fresh()->name);
    }

    public function test_sign_in_is_throttled(): void
    {
        $this->teacher();
        for ($try = 0; $try < 10; $try++) {
            $this->postJson('/api/sign-in', ['email' => 'rowan@larkfield.example', 'password' => 'wrong'])->assertStatus(422);
        }
        $this->postJson('/api/sign-in', ['email' => 'rowan@larkfield.example', 'password' => 'daybright'])
            ->assertStatus(429)
            ->assertJsonPath('detail', 'Too many tries. Wait a minute, then try again.');
    }

    public function test_pictures_are_taken_by_what_they_hold(): void
    {
        $this->actingAs($this->teacher());
        $png = UploadedFile::fake()->image('gate.jpg', 40, 30);
        $kept = $this->postJson('/api/media', ['file' => $png])->assertCreated()->json();
        $this->assertSame([40, 30], [$kept['width'], $kept['height']]);
        $this->get("/api/media/{$kept['sha256']}")->assertOk()->assertHeader('Content-Type', $kept['type']);
        $this->postJson(
            '/api/media',
            ['file' => UploadedFile::fake()->createWithContent('photo.png', 'not a picture')],
        )->assertStatus(422);
        $svg = UploadedFile::fake()->createWithContent(
            'd.svg',
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 20 10"><script>alert(1)</script><rect width="5" height="5"/></svg>',
        );
        $drawing = $this->postJson('/api/media', ['file' => $svg])->assertCreated()->json();
        $shown = $this->get("/api/media/{$drawing['sha256']}")->assertOk();
        $this->assertStringNotContainsString('script', $shown->getContent());
        $this->assertStringContainsString('sandbox', (string) $shown->headers->get('Content-Security-Policy'));
        $this->actingAs($this->teacher('Sol'))->get("/api/media/{$kept['sha256']}")->assertNotFound();
    }

    public function test_pages_come_with_a_policy_and_the_ready_check_names_its_places(): void
    {
        $this->assertStringContainsString("script-src 'self'", (string) $this->get('/sign-in')->headers->get('Content-Security-Policy'));
        $document = self::document();
        $document['parts'][0]['slides'][0]['steps'][0]['script'] = 'So 14 × 30 = 450.';
        $lesson = $this->lesson($teacher = $this->teacher(), $document);
        $this->actingAs($teacher)->getJson("/api/lessons/{$lesson->id}/ready")->assertOk()->assertJsonPath('findings.0.step', 'measure-1');
    }

    public function test_worked_examples_are_written_varied_and_refused_with_a_sentence(): void
    {
        $this->actingAs($this->teacher('Rowan'));
        $example = [
            'method' => 'formula',
            'quantities' => ['formula' => 'V = l w h', 'known' => "l = 6 cm\nw = 4 cm\nh = 3 cm", 'asked' => 'V'],
        ];
        $written = $this->postJson('/api/worked', $example)->assertOk()->json();
        $this->assertSame('V = 6 cm × 4 cm × 3 cm', $written['lines'][4]['formula']);
        $this->assertSame(['1' => '6 cm', '2' => '4 cm', '3' => '3 cm'], $written['lines'][4]['marks']);
        $item = $this->postJson('/api/worked/vary', $example + ['seed' => 4, 'level' => 2])->assertOk()->json();
        $this->assertNotSame([], $item['worked']['lines']);
        $this->postJson(
            '/api/worked',
            ['method' => 'units', 'quantities' => ['amount' => '3 kg', 'to' => 'cm']],
        )->assertStatus(422)->assertJsonPath('pointer', '/to');
        $this->postJson('/api/worked', ['method' => 'magic', 'quantities' => ['a' => 1]])->assertStatus(422);
        $sheet = $this->getJson('/api/kinds')->json('sheets.Geometry');
        $choices = $this->postJson('/api/formulas/choose', ['sheet' => $sheet, 'known' => ['l', 'w'], 'asked' => 'A'])->assertOk()->json();
        $this->assertSame([true, false], [$choices[0]['serves'], $choices[2]['serves']]);
        $this->assertStringContainsString('does not have A', $choices[2]['why']);
        $this->assertSame(['A', 'l', 'w'], $choices[0]['names']);
        $own = [['formula' => 'F = k x', 'names' => [['name' => 'k', 'meaning' => 'stiffness', 'unit' => 'furlongs']]]];
        $judged = $this->postJson('/api/formulas/choose', ['sheet' => $own, 'known' => ['F', 'x'], 'asked' => 'k'])->assertOk()->json('0');
        $this->assertSame([false, ['F', 'k', 'x']], [$judged['serves'], $judged['names']]);
        $this->assertStringContainsString('furlongs', $judged['why']);
    }

    public function test_figures_vary_and_bad_quantities_get_a_sentence(): void
    {
        $this->actingAs($this->teacher());
        $quantities = ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm'];
        $item = $this->postJson(
            '/api/figures/vary',
            ['figure' => 'solid', 'quantities' => $quantities, 'seed' => 3, 'level' => 1],
        )->assertOk()->json();
        $this->assertSame(
            (string) ($item['quantities']['length'] * $item['quantities']['width'] * $item['quantities']['height']),
            $item['typed']['value'],
        );
        $this->postJson(
            '/api/figures/vary',
            ['figure' => 'solid', 'quantities' => ['length' => '-1'] + $quantities, 'seed' => 3, 'level' => 1],
        )->assertStatus(422)->assertJsonPath('pointer', '/length');
        $figures = $this->getJson('/api/kinds')->assertOk()->assertJsonPath('figures.0.name', 'bar-model')->json('figures');
        $this->assertSame(
            array_map(static fn (string $figure): string => $figure::entry()->name, Figures::all()),
            array_column($figures, 'name'),
        );
        foreach ($figures as $figure) {
            $this->assertStringStartsWith('<svg', $this->getJson("/api/figures/{$figure['name']}/sample")->assertOk()->json('svg'));
            $this->postJson(
                '/api/figures/vary',
                ['figure' => $figure['name'], 'quantities' => $figure['blank'], 'seed' => 1, 'level' => 2],
            )->assertStatus($figure['varies'] ? 200 : 422);
            $this->postJson('/api/figures/task', ['figure' => $figure['name'], 'quantities' => $figure['blank']])
                ->assertStatus($figure['hasTask'] ? 200 : 422);
        }
        $this->getJson('/api/figures/nothing/sample')->assertStatus(422);
    }
}
