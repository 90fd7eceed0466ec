<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Classroom;
use App\Models\Lesson;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A lesson that was recorded and given to a class, and a child of it who is in. */
trait AsAStudent
{
    private Lesson $made;

    private Classroom $heron;

    /** @param  array<string, mixed>|null  $document */
    private function share(?array $document = null): string
    {
        $rowan = $this->teacher();
        $this->actingAs($rowan);
        $this->made = $this->lesson($rowan, $document);
        foreach ($this->made->read()->mainSlides() as $slide) {
            $this->take($this->made, $slide->id, 2);
        }
        $this->heron = $this->classroom($rowan, 'Ada', 'Bram');
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $share = $this->putJson("/api/lessons/{$this->made->id}/shares", ['classroom' => $this->heron->id])->assertOk()->json('id');
        $this->app['auth']->guard()->logout();
        $this->enter('Ada');

        return $share;
    }

    /** @return TestResponse<Response> */
    private function enter(string $name, string $word = 'sun'): TestResponse
    {
        return $this->postJson(
            '/api/watch/enter',
            [
                'code' => $this->heron->fresh()->code,
                'student' => $this->heron->students()->where('name', $name)->firstOrFail()->id,
                'word' => $word,
            ],
        );
    }
}
