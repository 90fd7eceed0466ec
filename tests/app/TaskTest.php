<?php

declare(strict_types=1);

namespace Tests\App;

use App\Media\MediaStore;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** The tasks that figures pose, from the teacher's document to the student's mark and back. */
class TaskTest extends TestCase
{
    private Lesson $made;

    private Classroom $heron;

    private string $share;

    protected function setUp(): void
    {
        parent::setUp();
        $rowan = $this->teacher();
        $this->actingAs($rowan);
        $medium = app(MediaStore::class)->bringIn($rowan, database_path('demo/sundial.svg'), 'sundial.svg');
        $document = self::document();
        $document['media'] = ['sundial' => $medium + ['description' => 'A sundial', 'credit' => '', 'licence' => 'own']];
        $contents = [
            'sort' => [
                'type' => 'sort',
                'prompt' => 'Sort.',
                'marks' => 2,
                'groups' => [['id' => 'g1', 'name' => 'Light'], ['id' => 'g2', 'name' => 'Shade']],
                'items' => [
                    ['id' => 'a', 'text' => 'Sun', 'group' => 'g1', 'picture' => 'sundial'],
                    ['id' => 'b', 'text' => 'dusk', 'group' => 'g2'],
                ],
            ],
            'label' => [
                'type' => 'label',
                'prompt' => 'Name.',
                'marks' => 1,
                'picture' => 'sundial',
                'bank' => false,
                'points' => [['id' => 'p', 'name' => 'gnomon', 'x' => 0.4, 'y' => 0.4]],
            ],
            'practice' => [
                'type' => 'practice',
                'prompt' => 'Practise.',
                'marks' => 2,
                'source' => 'worked',
                'maker' => 'units',
                'quantities' => ['amount' => '3 kg', 'to' => 'g'],
                'seed' => 5,
                'count' => 2,
            ],
        ];
        foreach ($contents as $id => $content) {
            $slide = $document['parts'][0]['slides'][0];
            $slide['id'] = $id;
            $slide['steps'] = [
                ['id' => "{$id}-1", 'script' => 'One.', 'pause' => 0],
                ['id' => "{$id}-2", 'script' => 'Two.', 'pause' => 0],
            ];
            $slide['blocks'] = [[
                'id' => "{$id}-question",
                'kind' => 'question',
                'region' => 'main',
                'step' => "{$id}-1",
                'reveals' => ['answer' => "{$id}-2"],
                'content' => $content + ['seconds' => 5],
            ]];
            $document['parts'][0]['slides'][] = $slide;
        }
        $document['formulas'] = [['id' => 'f', 'formula' => 'E = m g h', 'names' => []]];
        $this->made = $this->lesson($rowan, $document);
        foreach (array_keys($contents) as $slide) {
            $this->take($this->made, $slide, 1);
        }
        $this->heron = $this->classroom($rowan, 'Ada');
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $this->share = $this->putJson(
            "/api/lessons/{$this->made->id}/shares",
            ['classroom' => $this->heron->id, 'instructions' => '', 'due' => '2026-12-01'],
        )->assertOk()->json('id');
        $this->app['auth']->guard()->logout();
        $this->postJson(
            '/api/watch/enter',
            ['code' => 'ABCD2345', 'student' => $this->heron->students()->firstOrFail()->id, 'word' => 'sun'],
        );
    }

    public function test_a_document_with_every_new_field_is_saved_as_it_is(): void
    {
        $this->actingAs(User::query()->firstOrFail());
        $lesson = $this->getJson("/api/lessons/{$this->made->id}")->assertOk()->json();
        $this->putJson("/api/lessons/{$this->made->id}", ['document' => $lesson['document'], 'version' => $lesson['version']])->assertOk();
        $this->assertSame('E = m g h', $this->getJson("/api/lessons/{$this->made->id}")->json('document.formulas.0.formula'));
    }

    public function test_the_page_gets_the_task_and_its_pictures_and_no_answer(): void
    {
        // A question comes once the one before it is answered.
        $questions = [];
        foreach (['sort' => '{"a":"g1","b":"g2"}', 'label' => '{"p":"gnomon"}', 'practice' => null] as $type => $given) {
            $asked = array_values(array_filter(array_column(
                $this->getJson("/api/watch/{$this->share}")->assertOk()->json('pauses'),
                'question',
            )));
            $questions[$type] = end($asked);
            $this->assertSame($type, $questions[$type]['type']);
            $this->assertCount(count($questions), $asked);
            if ($given !== null) {
                $this->putJson("/api/watch/{$this->share}/answers/{$type}-question", ['given' => $given])->assertOk();
            }
        }
        $this->assertStringNotContainsString('"group":', (string) json_encode($questions));
        $this->assertStringNotContainsString('gnomon', (string) json_encode($questions));
        $this->get($questions['label']['picture'])->assertOk();
        $pictured = array_values(array_filter($questions['sort']['items'], static fn (array $item): bool => $item['picture'] !== null));
        $this->assertSame($questions['label']['picture'], $pictured[0]['picture']);
        $this->assertSame(['1', '2', '3'], array_column($questions['practice']['levels'], 'level'));
    }

    public function test_answers_of_several_pieces_are_marked_and_read_by_the_teacher(): void
    {
        $this->answer('sort', ['a' => 'g1'])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'Place everything first, even if you have to guess.');
        $this->answer('sort', ['a' => 'g1', 'b' => 'g1'])
            ->assertOk()
            ->assertJsonPath('earned', 1)
            ->assertJsonPath('model', 'Light: Sun; Shade: dusk');
        $this->answer('label', ['p' => 'The gnomon'])->assertOk()->assertJsonPath('earned', 1);
        $asked = $this->getJson("/api/watch/{$this->share}")->json('pauses.2.question.levels.0.items');
        $this->answer('practice', ['level' => '1', 'q1' => '1 g', 'q2' => '2 g'])->assertOk()->assertJsonPath('earned', 0);
        $this->assertCount(2, $asked);
        $this->actingAs(User::query()->firstOrFail());
        $answers = $this->getJson("/api/lessons/{$this->made->id}/replies")->assertOk()->json('classes.0.questions');
        $told = implode(
            ' | ',
            array_map(static fn (array $question): string => (string) ($question['answers'][0]['given'] ?? ''), $answers),
        );
        $this->assertStringContainsString('Light: Sun, dusk; Shade: ', $told);
        $this->assertStringContainsString('1 The gnomon', $told);
    }

    /**
     * @param  array<string, string>  $given
     * @return TestResponse<Response>
     */
    private function answer(string $slide, array $given): TestResponse
    {
        return $this->putJson("/api/watch/{$this->share}/answers/{$slide}-question", ['given' => json_encode($given)]);
    }
}
