<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Answer;
use App\Models\Visit;
use App\Watching\Drill;
use Daybright\Figure\Variation;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Practising until a goal is reached. */
class DrillTest extends TestCase
{
    private string $share;

    /** @param  array<string, int>  $goal */
    private function begin(array $goal): void
    {
        $this->actingAs($rowan = $this->teacher());
        $document = self::document();
        $document['parts'][0]['slides'][0]['blocks'][0]['content'] = [
            'type' => 'practice', 'prompt' => 'Practise.', 'marks' => 4, 'source' => 'worked', 'maker' => 'units',
            'quantities' => ['amount' => '3 kg', 'to' => 'g'], 'seed' => 5, 'count' => 2, 'seconds' => 5, 'goal' => $goal,
        ];
        $made = $this->lesson($rowan, $document);
        $this->take($made, 'measure', 2);
        $this->take($made, 'why', 2);
        $heron = $this->classroom($rowan, 'Ada');
        $this->postJson("/api/lessons/{$made->id}/releases")->assertCreated();
        $this->share = $this->putJson("/api/lessons/{$made->id}/shares", ['classroom' => $heron->id])->json('id');
        $this->app['auth']->guard()->logout();
        $ada = $heron->students()->sole()->id;
        $this->postJson('/api/watch/enter', ['code' => $heron->code, 'student' => $ada, 'word' => 'sun'])->assertOk();
    }

    public function test_new_items_come_until_so_many_in_a_row_are_right(): void
    {
        $this->begin(['inARow' => 3]);
        $this->answer()->assertStatus(422)->assertJsonPath('detail', 'Practise first: choose a level.');
        $first = $this->practise(null)->assertOk()->assertJsonPath('asked', 0)->json('text');
        $this->assertSame($first, $this->practise(null)->json('text'));
        $this->practise('')->assertOk();
        $seen = [$first];
        foreach ([true, true, false, true, true, true] as $isRight) {
            $right = Variation::written($this->waiting()->answer);
            $state = $this->practise($isRight ? $right : '0.123 kg')->assertOk()
                ->assertJsonPath('said.isRight', $isRight)
                ->assertJsonPath('said.answer', $right)
                ->json();
            $seen[] = $state['text'];
        }
        $this->assertGreaterThan(4, count(array_unique($seen)));
        $this->assertTrue($state['isMet']);
        $this->assertSame([6, 5, 3], [$state['asked'], $state['right'], $state['inARow']]);
        // What is said of it in the page does not count: the server has seen it.
        $this->answer()->assertOk()->assertJsonPath('earned', 4)
            ->assertJsonPath('readable', 'Level 2: 5 of 6 right, 3 in a row at the end');

        // Told twice it counts once, and sent back it is practised anew.
        $this->answer()->assertOk()->assertJsonPath('earned', 4);
        Answer::query()->sole()->update(['again' => true]);
        $this->answer()->assertStatus(422);
        $this->practise(null)->assertJsonPath('asked', 0);
    }

    public function test_who_stops_before_the_goal_earns_a_share_and_minutes_are_counted_here(): void
    {
        $this->begin(['minutes' => 2]);
        $this->practise(null)->assertOk();
        $this->practise(Variation::written($this->waiting()->answer))->assertJsonPath('isMet', false);
        $this->travel(3)->minutes();
        $this->practise('0.123 kg')->assertJsonPath('isMet', true);
        $this->practise(null, 3)->assertJsonPath('asked', 0)->assertJsonPath('isMet', false);
        $this->practise('0.123 g', 3)->assertOk();
        $this->answer()->assertOk()->assertJsonPath('earned', 0)
            ->assertJsonPath('sentence', 'You stopped before the goal, with 0 of 1 right.');
    }

    private function waiting(): Variation
    {
        return Drill::waiting(Visit::query()->sole(), 'measure-question');
    }

    /** @return TestResponse<Response> */
    private function practise(?string $given, int $level = 2): TestResponse
    {
        return $this->postJson("/api/watch/{$this->share}/tasks/measure-question/items", ['level' => $level, 'given' => $given]);
    }

    /** @return TestResponse<Response> */
    private function answer(): TestResponse
    {
        return $this->putJson("/api/watch/{$this->share}/answers/measure-question", ['given' => '{"level":"1","right":"99"}']);
    }
}
