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

    public function test_a_lesson_is_renamed_and_that_is_one_undo_away(): void
    {
        $lesson = $this->lesson($rowan = $this->teacher());
        $before = $lesson->title;
        $this->actingAs($rowan)->patchJson("/api/lessons/{$lesson->id}/shelf", ['title' => 'Another name'])->assertNoContent();
        $this->assertSame('Another name', $this->getJson("/api/lessons/{$lesson->id}")->json('document.title'));
        $this->postJson("/api/lessons/{$lesson->id}/undo", ['version' => 2])->assertOk()->assertJsonPath('document.title', $before);
        $this->patchJson("/api/lessons/{$lesson->id}/shelf", ['title' => ''])->assertStatus(422)->assertJsonPath('pointer', '/title');
    }

    public function test_a_copy_has_the_slides_and_none_of_the_recordings_and_stands_behind_the_original(): void
    {
        $rowan = $this->teacher();
        $lesson = $this->lesson($rowan, ['title' => 'First'] + self::document());
        $this->lesson($rowan, ['title' => 'Second'] + self::document())->update(['place' => 2]);
        $this->take($lesson, 'measure', 1);
        $copy = $this->actingAs($rowan)->postJson("/api/lessons/{$lesson->id}/copy")->assertCreated()->json('id');
        $cards = $this->getJson('/api/home')->json('single');
        $this->assertSame(['First', 'First (copy)', 'Second'], array_column($cards, 'title'));
        $this->assertSame([1, 0, 0], array_column($cards, 'recorded'));
        $slides = fn (string $id): array => $this->getJson("/api/lessons/{$id}")->json('document.parts');
        $this->assertSame($slides($lesson->id), $slides($copy));
    }

    public function test_lessons_and_series_are_put_in_another_order(): void
    {
        $rowan = $this->teacher();
        $series = Series::factory()->count(2)->for($rowan)
            ->sequence(['title' => 'One', 'place' => 1], ['title' => 'Two', 'place' => 2])
            ->create();
        foreach (['A', 'B', 'C'] as $place => $title) {
            $this->lesson($rowan, ['title' => $title] + self::document())->update(['series_id' => $series[0]?->id, 'place' => $place]);
        }
        $this->actingAs($rowan);
        $last = $rowan->lessons()->where('title', 'C')->sole();
        $this->patchJson("/api/lessons/{$last->id}/shelf", ['by' => -1])->assertNoContent();
        $this->assertSame('A C B', $this->titles());
        // Nothing stands before the first.
        $first = $rowan->lessons()->where('title', 'A')->sole();
        $this->patchJson("/api/lessons/{$first->id}/shelf", ['by' => -1])->assertNoContent();
        $this->assertSame('A C B', $this->titles());
        $this->patchJson("/api/series/{$series[1]?->id}", ['by' => -1, 'title' => 'Two, first'])->assertNoContent();
        $this->assertSame(['Two, first', 'One'], array_column($this->getJson('/api/home')->json('series'), 'title'));
        $this->patchJson("/api/lessons/{$first->id}/shelf", ['series' => $series[1]?->id])->assertNoContent();
        $this->assertSame('A', $this->titles());
    }

    public function test_a_lesson_that_is_put_away_waits_for_nothing_and_can_be_fetched_again(): void
    {
        $lesson = $this->lesson($rowan = $this->teacher());
        $this->actingAs($rowan)->patchJson("/api/lessons/{$lesson->id}/shelf", ['putAway' => true])->assertNoContent();
        $home = $this->getJson('/api/home');
        $this->assertSame([[], []], [$home->json('single'), $home->json('waiting')]);
        $this->assertSame([$lesson->id], array_column($home->json('putAway'), 'id'));
        $this->patchJson("/api/lessons/{$lesson->id}/shelf", ['putAway' => false])->assertNoContent();
        $this->assertSame([$lesson->id], array_column($this->getJson('/api/home')->json('single'), 'id'));
    }

    public function test_all_lessons_of_a_series_get_one_look_each_one_undo_away(): void
    {
        $rowan = $this->teacher();
        $series = Series::factory()->for($rowan)->create();
        $lesson = $this->lesson($rowan);
        $lesson->update(['series_id' => $series->id]);
        $this->actingAs($rowan)->patchJson("/api/series/{$series->id}", ['look' => 'dusk'])->assertNoContent();
        $this->assertSame('dusk', $this->getJson("/api/lessons/{$lesson->id}")->json('document.look'));
        $this->postJson("/api/lessons/{$lesson->id}/undo", ['version' => 2])->assertOk()->assertJsonMissingPath('document.look');
        $this->patchJson("/api/series/{$series->id}", ['look' => 'neon'])->assertStatus(422);
        $new = $this->postJson('/api/lessons', ['title' => 'Next', 'series' => $series->id])->assertCreated()->json('id');
        $this->assertNotSame('neon', $this->getJson("/api/lessons/{$new}")->json('document.look'));
    }

    public function test_lessons_and_series_of_another_teacher_are_out_of_reach(): void
    {
        $lesson = $this->lesson($sol = $this->teacher('Sol'));
        $series = Series::factory()->for($sol)->create();
        $this->actingAs($this->teacher());
        $this->patchJson("/api/lessons/{$lesson->id}/shelf", ['title' => 'Mine'])->assertNotFound();
        $this->postJson("/api/lessons/{$lesson->id}/copy")->assertNotFound();
        $this->patchJson("/api/series/{$series->id}", ['title' => 'Mine'])->assertNotFound();
        $mine = $this->lesson($this->teacher('Ash'));
        $this->actingAs($mine->user()->sole())->patchJson("/api/lessons/{$mine->id}/shelf", ['series' => $series->id])->assertNotFound();
    }

    /**
     * @return string of the lessons of the first series
     *
     * @phpstan-impure
     */
    private function titles(): string
    {
        return implode(' ', array_column($this->getJson('/api/home')->json('series.0.lessons'), 'title'));
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
