<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Video\Rasteriser;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoFailed;
use App\Adapters\Video\VideoMaker;
use App\Models\Classroom;
use App\Models\Release;
use App\Models\Student;
use App\Models\User;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Group;
use Daybright\Scene\MalformedDrawing;
use Daybright\Scene\Scene;
use Daybright\Scene\SetFormula;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgWriter;
use Illuminate\Testing\TestResponse;
use RuntimeException;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** What comes in from outside is cleaned or refused at the gate, and what goes out is checked. */
class InputTest extends TestCase
{
    public function test_a_control_character_in_a_title_is_taken_out_and_the_video_keeps_its_pictures(): void
    {
        $teacher = $this->teacher();
        $lesson = $this->lesson($teacher);
        $document = self::document();
        $document['parts'][0]['slides'][0]['title'] = "Mea\u{0B}sure";
        $this->save($lesson->id, $document)->assertOk();
        $this->assertSame('Mea sure', $lesson->fresh()->document()->array()['parts'][0]['slides'][0]['title']);
    }

    public function test_a_drawing_that_is_not_well_formed_is_not_written(): void
    {
        $this->expectException(MalformedDrawing::class);
        (new SvgWriter(static fn (): string => ''))->write(new Scene(
            [new Group('', 'one', '', 0, [Shape::formula(new SetFormula("<path d='M0\u{0B}0'/>", 1, 1, 0), 0, 0, 40, '#000000')])],
            [],
            [],
            [],
        ));
    }

    public function test_a_picture_that_the_renderer_passes_over_stops_the_video(): void
    {
        $whole = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 16 9"><rect width="16" height="9"/></svg>';
        $this->expectException(VideoFailed::class);
        Rasteriser::rasterise([$whole, "<svg xmlns='http://www.w3.org/2000/svg'>\u{0B}</svg>", $whole, $whole]);
    }

    public function test_a_video_with_another_number_of_pictures_than_computed_is_not_kept(): void
    {
        $lesson = $this->lesson($this->teacher());
        $this->take($lesson, 'measure', 1);
        $this->actingAs($lesson->user)->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated();
        // An encoder that drops every second picture.
        $program = Files::temporary('sh');
        file_put_contents($program, <<<'SH'
            #!/bin/bash
            case "$*" in *-force_key_frames*) exec ffmpeg "${@:1:$#-1}" -vf 'select=not(mod(n\,2))' "${@: -1}";; *) exec ffmpeg "$@";; esac
            SH);
        chmod($program, 0700);
        config(['daybright.programs.ffmpeg' => $program]);
        $before = glob(Files::workFolder().'/*');
        try {
            $this->app->make(VideoMaker::class)->make(Release::query()->firstOrFail(), new VideoChoice, static function (): void {
            });
            $this->fail('a wrong video was kept');
        } catch (VideoFailed $error) {
            $this->assertSame(1, preg_match('/made with (\d+) pictures where (\d+) were computed/', $error->getMessage(), $said));
            $this->assertEqualsWithDelta((int) $said[2] / 2, (int) $said[1], 0.5);
        }
        $this->assertSame($before, glob(Files::workFolder().'/*'));
    }

    public function test_a_formula_nested_beyond_measure_is_shown_as_typed_and_the_lesson_opens(): void
    {
        $teacher = $this->teacher();
        $lesson = $this->lesson($teacher);
        foreach ([100, 400] as $depth) {
            $document = self::documentWithText('`'.substr(str_repeat('\\sqrt{', $depth).'x'.str_repeat('}', $depth), 0, 3900).'`');
            $this->actingAs($teacher)->save($lesson->id, $document, $lesson->fresh()->version)->assertOk();
            $found = $this->getJson("/api/lessons/{$lesson->id}/ready")->assertOk()->json('findings');
            $this->assertStringContainsString('Nested too deeply', implode(' ', array_column($found, 'sentence')));
            $this->getJson("/api/lessons/{$lesson->id}")->assertOk();
        }
    }

    public function test_an_older_lesson_that_cannot_be_drawn_opens_and_says_where(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $formulas = new class implements FormulaSetter
        {
            public function set(string $tex): SetFormula
            {
                throw new RuntimeException('gone');
            }
        };
        $this->app->instance(FormulaSetter::class, $formulas);
        $document = self::documentWithText('`x`');
        $lesson = $this->lesson($teacher, $document);
        $answer = $this->actingAs($teacher)->getJson("/api/lessons/{$lesson->id}")->assertOk();
        $this->assertStringContainsString('because of its block “text”', $answer->json('scenes.measure.problems.text'));
        $this->save($lesson->id, ['title' => 'Changed', 'typeface' => 'andika'] + $document)
            ->assertStatus(422)
            ->assertJsonPath('pointer', '/slides/measure/blocks/text');
    }

    public function test_an_object_stays_an_object_and_a_list_a_list(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $document = self::document();
        $document['parts'][0]['slides'][0]['aims'] = [];
        $document['parts'][0]['slides'][0]['blocks'][] = [
            'id' => 'worked',
            'kind' => 'worked',
            'region' => 'main',
            'step' => 'measure-1',
            'reveals' => (object) [],
            'content' => ['task' => '', 'lines' => [['id' => 'one', 'formula' => '1 + 1 = 2', 'reason' => '', 'marks' => []]]],
        ];
        $this->actingAs($teacher)
            ->save($lesson->id, $document)
            ->assertStatus(422)
            ->assertJsonPath('detail', 'On the slide “Measure”: The marks must be a group of fields.');
        $document['parts'][0]['slides'][0]['blocks'][1]['content']['lines'][0]['marks'] = (object) [];
        $this->save($lesson->id, $document)->assertOk();
        $kept = json_decode((string) $this->getJson("/api/lessons/{$lesson->id}")->getContent())->document;
        $this->assertEquals(new stdClass, $kept->media);
        $this->assertEquals(new stdClass, $kept->parts[0]->slides[0]->blocks[1]->content->lines[0]->marks);
        $this->assertSame([], $kept->parts[0]->slides[0]->aims);
    }

    public function test_bytes_that_are_no_text_are_refused_in_forms_and_addresses(): void
    {
        $teacher = $this->teacher();
        $heron = $this->classroom($teacher, 'Ada');
        $form = fn (string $method, string $address, array $given): TestResponse => $this->call(
            $method,
            $address,
            $given,
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json'],
        );
        $this->actingAs($teacher);
        $form('POST', '/api/classrooms', ['name' => "\xFF\xFE"])->assertStatus(422)
            ->assertJsonPath('detail', 'This text holds signs that cannot be read. Type them again.');
        $form('PUT', "/api/classrooms/{$heron->id}", ['name' => "\xFF"])->assertStatus(422);
        $form('POST', "/api/classrooms/{$heron->id}/students", ['names' => ["Bram\xED\xA0\x80"]])->assertStatus(422);
        $form('GET', '/api/home?x=%FF', [])->assertStatus(422);
        $this->assertSame(['6 Heron'], Classroom::query()->pluck('name')->all());
        $this->assertSame(['Ada'], Student::query()->pluck('name')->all());
        $this->getJson('/api/classrooms')->assertOk();
    }

    public function test_an_answer_that_is_no_text_leaves_the_students_page_as_it_was(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->take($lesson, 'measure', 1);
        $heron = $this->classroom($teacher, 'Ada');
        $this->actingAs($teacher)->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated();
        $share = $this->putJson("/api/lessons/{$lesson->id}/shares", ['classroom' => $heron->id])->json('id');
        $this->app['auth']->guard()->logout();
        $this->postJson(
            '/api/watch/enter',
            ['code' => 'ABCD2345', 'student' => $heron->students()->firstOrFail()->id, 'word' => 'sun'],
        )->assertOk();
        $this->call(
            'PUT',
            "/api/watch/{$share}/answers/measure-question",
            ['given' => "\xFF"],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json'],
        )->assertStatus(422);
        $this->getJson("/api/watch/{$share}")->assertOk()->assertJsonPath('visit.answers', []);
        $this->putJson("/api/watch/{$share}/answers/measure-question", ['given' => "41\u{0B}cm"])->assertOk()->assertJsonPath('earned', 2);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return TestResponse<Response>
     */
    private function save(string $lesson, array $document, int $version = 1): TestResponse
    {
        return $this->actingAs(User::query()->firstOrFail())
            ->putJson("/api/lessons/{$lesson}", ['version' => $version, 'document' => $document]);
    }
}
