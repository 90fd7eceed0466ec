<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Answer;
use App\Models\Series;
use App\Models\Share;
use App\Models\Take;
use App\Models\Visit;

class HomeTest extends TestCase
{
    public function test_what_waits_for_the_teacher_follows_the_lesson_on_its_way(): void
    {
        $lesson = $this->lesson($rowan = $this->teacher());
        $this->actingAs($rowan);
        $this->assertSame([['record', '2 slides to record']], $this->waiting());
        $this->take($lesson, 'measure', 1);
        $this->assertSame([['record', '1 slide to record']], $this->waiting());
        // A take of a slide that is no longer there records nothing of the lesson.
        $this->take($lesson, 'gone', 1);
        $this->assertSame([['record', '1 slide to record']], $this->waiting());
        $this->take($lesson, 'why', 1);
        $this->assertSame([['share', 'Recorded, not shared yet']], $this->waiting());
        Take::factory()->for($lesson)->create(['slide' => 'why']);
        $this->assertSame(['record', 'A recording was broken off and can be kept'], $this->waiting()[0]);
        $lesson->takes()->where('state', 'recording')->delete();
        $classroom = $this->classroom($rowan, 'Ada');
        $share = Share::factory()->for($lesson)->for($classroom)->create();
        $this->assertSame([], $this->waiting());
        $visit = Visit::factory()->for($share)->for($classroom->students()->sole())->create();
        Answer::factory()->for($visit)->create(['block' => 'why-question']);
        $this->assertSame([['replies', '1 answer waits to be marked']], $this->waiting());
    }

    public function test_lessons_stand_in_their_series_in_order_and_single_ones_apart(): void
    {
        $rowan = $this->teacher();
        $series = Series::factory()->for($rowan)->create();
        foreach ([2 => 'Second', 1 => 'First'] as $place => $title) {
            $this->lesson($rowan, ['title' => $title] + self::document())->update(['series_id' => $series->id, 'place' => $place]);
        }
        $this->lesson($rowan, ['title' => 'Alone'] + self::document());
        $this->lesson($this->teacher('Sol'), ['title' => 'Not mine'] + self::document());
        $home = $this->actingAs($rowan)->getJson('/api/home')->assertOk();
        $this->assertSame(['First', 'Second'], array_column($home->json('series.0.lessons'), 'title'));
        $this->assertSame(['Alone'], array_column($home->json('single'), 'title'));
    }

    public function test_the_strip_shows_what_is_planned_recorded_and_to_be_done(): void
    {
        $lesson = $this->lesson($rowan = $this->teacher());
        $this->take($lesson, 'measure', 3)->update(['cuts' => [['from' => 0, 'to' => 48000]]]);
        $strip = $this->actingAs($rowan)->getJson('/api/home')->json('single.0.strip');
        $this->assertSame(['your-turn', 'exit-check'], array_column($strip, 'kind'));
        $slide = $strip[0]['slides'][0];
        // Six words at 130 a minute; three seconds less the one that is cut; five seconds to try.
        $this->assertSame([2.8, 2, 5], [$slide['planned'], (int) $slide['recorded'], $slide['work']]);
        $this->assertNull($strip[1]['slides'][0]['recorded']);
    }

    public function test_a_series_of_another_teacher_cannot_be_added_to(): void
    {
        $series = Series::factory()->create(['user_id' => $this->teacher('Sol')]);
        $this->actingAs($this->teacher())->postJson('/api/lessons', ['title' => 'Mine', 'series' => $series->id])->assertNotFound();
        $this->postJson('/api/lessons', ['title' => '', 'minutes' => 5])->assertStatus(422)->assertJsonPath('pointer', '/title');
        $this->postJson('/api/lessons', ['title' => 'Mine', 'minutes' => 900])->assertStatus(422)->assertJsonPath('pointer', '/minutes');
    }

    /**
     * @return list<array{string, string}> room and sentence
     *
     * @phpstan-impure
     */
    private function waiting(): array
    {
        return array_map(
            static fn (array $each): array => [$each['room'], $each['sentence']],
            $this->getJson('/api/home')->assertOk()->json('waiting'),
        );
    }
}
