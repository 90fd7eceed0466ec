<?php

declare(strict_types=1);

namespace Tests\App;

use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Answer;
use App\Models\Visit;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\DataProvider;

/** What the server answers is what schema/answers.schema.json says: TestCase holds every answer to it, these are asked for besides. */
class AnswersTest extends TestCase
{
    public function test_home_share_replies_and_a_played_lesson_are_as_published(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $heron = $this->classroom($teacher, 'Ada');
        $this->take($lesson, 'measure', 1);
        $release = (new ReleaseStore)->begin($lesson);
        MakeRelease::dispatchSync($release->id);
        $this->actingAs($teacher)->putJson("/api/lessons/{$lesson->id}/shares", ['classroom' => $heron->id])->assertOk();
        $this->postJson("/api/releases/{$release->id}/exports")->assertCreated();
        $share = $lesson->shares()->firstOrFail();
        $visit = Visit::factory()->for($share)->for($heron->students()->sole())->create();
        Answer::factory()->for($visit)->create(['given' => '5', 'earned' => 0]);

        $this->getJson('/api/home')->assertOk();
        $this->getJson("/api/lessons/{$lesson->id}/share")->assertOk();
        $this->getJson("/api/lessons/{$lesson->id}/replies")->assertOk();
        $this->getJson("/api/lessons/{$lesson->id}/programme")->assertOk();
        $this->getJson("/api/releases/{$release->id}")->assertOk();
    }

    public function test_an_empty_home_and_a_lesson_without_takes_are_as_published(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher);
        $this->getJson('/api/home')->assertOk();
        foreach (['share', 'replies', 'programme', 'takes', 'kept', 'ready'] as $asked) {
            $this->getJson("/api/lessons/{$lesson->id}/{$asked}")->assertOk();
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function problems(): iterable
    {
        yield 'a field' => ['POST', '/api/lessons', ['title' => ''], 'invalid'];
        yield 'another teacher’s' => ['GET', '/api/lessons/aaaaaaaaaaaaaaaaaaaaaa', [], 'not-found'];
        yield 'a figure that cannot be' => [
            'POST',
            '/api/figures/vary',
            ['figure' => 'solid', 'quantities' => ['length' => '-1'], 'seed' => 1, 'level' => 1],
            'invalid',
        ];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('problems')]
    public function test_a_problem_has_a_type_of_its_own(string $method, string $address, array $body, string $type): void
    {
        $answer = $this->actingAs($this->teacher())->json($method, $address, $body);
        $this->assertSame("https://daybright.invalid/problems/{$type}", $answer->json('type'));
        $this->assertSame($answer->status(), $answer->json('status'));
        PublishedAnswers::checkNamed('problem', (string) $answer->getContent(), $address);
        $this->assertSame('application/problem+json', $answer->headers->get('Content-Type'));
    }

    public function test_a_stranger_a_stale_save_and_what_was_read_by_the_browser_s_tests_are_as_published(): void
    {
        $this->getJson('/api/home')->assertJsonPath('type', 'https://daybright.invalid/problems/not-signed-in');
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher)
            ->putJson("/api/lessons/{$lesson->id}", ['version' => 0, 'document' => self::document()])
            ->assertStatus(409)
            ->assertJsonPath('type', 'https://daybright.invalid/problems/stale');
        // The same file is played in tests/web/programme.test.ts.
        PublishedAnswers::checkNamed('played', (string) file_get_contents(base_path('tests/played-lesson.json')), 'the browser’s file');
    }

    public function test_every_address_says_what_it_answers(): void
    {
        $addresses = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $addresses[] = "{$method} {$route->uri()}";
            }
        }
        $addresses = array_filter($addresses, static fn (string $address): bool => str_contains($address, ' api/'));
        $this->assertEqualsCanonicalizing(array_keys(PublishedAnswers::BY_ROUTE), $addresses);
    }
}
