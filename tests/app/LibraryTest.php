<?php

declare(strict_types=1);

namespace Tests\App;

use App\Library\Drawing;
use App\Library\Drawings;

class LibraryTest extends TestCase
{
    public function test_drawings_are_found_by_a_word_with_what_must_be_said_of_them(): void
    {
        $found = $this->actingAs($this->teacher())->getJson('/api/library?words=sun')->assertOk()->json('drawings');
        $this->assertSame('sun', $found[0]['label']);
        $this->assertContains($found[0]['licence'], ['mit', 'cc by-sa']);
        // By another word for it.
        $bright = array_column($this->getJson('/api/library?words=sunshine')->json('drawings'), 'label');
        $this->assertContains('sun', $bright);
        $this->getJson('/api/library?words=')->assertStatus(422);
        $this->assertSame([], $this->getJson('/api/library?words=qqqq')->json('drawings'));
    }

    public function test_a_drawing_that_is_taken_is_a_picture_of_the_lesson_with_its_words(): void
    {
        $lesson = $this->lesson($rowan = $this->teacher());
        $drawing = $this->actingAs($rowan)->getJson('/api/library?words=sun')->json('drawings.0');
        $this->get("/api/library/{$drawing['id']}")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
        $medium = $this->postJson("/api/library/{$drawing['id']}")->assertCreated()->json();
        $this->assertSame(
            ['Sun', $drawing['credit'], $drawing['licence']],
            [$medium['description'], $medium['credit'], $medium['licence']],
        );
        $document = (array) $lesson->document()->jsonSerialize();
        $document['media'] = (object) ['sun' => $medium];
        $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $document])->assertOk();
        // From now on it is found among the teacher's own pictures, and nobody else's.
        $this->assertSame([$medium['sha256']], array_column($this->getJson('/api/library?words=sun')->json('own'), 'sha256'));
        $this->actingAs($this->teacher('Sol'));
        $this->assertSame([], $this->getJson('/api/library?words=sun')->json('own'));
        $this->getJson('/api/library/flat/no-such-drawing')->assertNotFound();
        $this->postJson('/api/library/flat/no-such-drawing')->assertNotFound();
    }

    public function test_there_are_several_thousand_and_each_is_a_drawing_that_may_be_shown(): void
    {
        $drawings = $this->app->make(Drawings::class);
        $all = $drawings->all();
        $this->assertGreaterThan(3000, count($all));
        $this->assertCount(count($all), array_unique(array_map(static fn (Drawing $drawing): string => $drawing->id, $all)));
        $this->actingAs($this->teacher());
        foreach (array_rand($all, 25) as $number) {
            $this->assertNotSame('', $all[$number]->label);
            $this->postJson("/api/library/{$all[$number]->id}")->assertCreated()->assertJsonPath('type', 'image/svg+xml');
        }
    }
}
