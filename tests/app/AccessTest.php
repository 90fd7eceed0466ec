<?php

declare(strict_types=1);

namespace Tests\App;

use App\Http\Controllers\ClassroomController;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Answer;
use App\Models\Export;
use App\Models\IncomingClip;
use App\Models\MomentKind;
use App\Models\Series;
use App\Models\Share;
use App\Models\Visit;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;

/** Goes through the table of routes itself, so that a new one cannot be forgotten. */
class AccessTest extends TestCase
{
    /** What anybody may ask, to come in or to see that the server is there. */
    private const OPEN = [
        'api/session',
        'api/password-links/{token}',
        'api/sign-in',
        'api/me',
        'api/watch/join',
        'api/watch/enter',
        'api/watch/me',
        'api/watch/leave',
        'up',
        'join/{code?}',
        'w/{share}', 'overview/{overview}', 'api/overview/{overview}',
        '{path?}',
    ];

    /** The catalogue of figures belongs to every teacher. */
    private const EVERY_TEACHERS = 'api/figures/{figure}/sample';

    public function test_every_route_but_the_ways_in_is_closed_to_a_stranger(): void
    {
        $closed = 0;
        foreach ($this->routes() as [$method, $address]) {
            $this->json($method, $address)->assertUnauthorized();
            $closed++;
        }
        $this->assertGreaterThan(40, $closed);
    }

    public function test_every_route_to_a_thing_is_closed_to_another_teacher(): void
    {
        $closed = 0;
        $things = $this->things();
        $this->actingAs($this->teacher('Sol'));
        foreach ($this->routes() as [$method, $address, $uri]) {
            if (! str_contains($uri, '{') || str_starts_with($uri, 'api/watch/') || $uri === self::EVERY_TEACHERS) {
                continue;
            }
            $this->json($method, $address, [])->assertNotFound();
            $closed++;
        }
        $this->assertGreaterThan(30, $closed);
        foreach ($things as $thing) {
            $this->assertTrue($thing->fresh() !== null, $thing::class.' of another teacher is gone');
        }
    }

    public function test_every_student_route_is_closed_to_a_student_of_another_class(): void
    {
        $other = $this->classroom($this->teacher('Sol'), 'Zoe');
        $other->update(['code' => 'WXYZ2345']);
        $this->things();
        $this->postJson(
            '/api/watch/enter',
            ['code' => 'WXYZ2345', 'student' => $other->students()->sole()->id, 'word' => 'cloud'],
        )->assertOk();
        foreach ($this->routes() as [$method, $address, $uri]) {
            if (str_starts_with($uri, 'api/watch/{')) {
                $this->json($method, $address, [])->assertNotFound();
            }
        }
        $this->assertSame(1, Visit::query()->count());
    }

    public function test_answers_carry_the_headers_that_keep_a_page_safe(): void
    {
        foreach (['/sign-in', '/join', '/api/me', '/nothing-here'] as $address) {
            $headers = $this->get($address)->headers;
            $policy = (string) $headers->get('Content-Security-Policy');
            $this->assertStringStartsWith("default-src 'self'; script-src 'self'; style-src 'self'", $policy);
            $this->assertMatchesRegularExpression("/style-src 'self' 'nonce-[A-Za-z0-9]{20,}'/", $policy);
            $this->assertStringContainsString("object-src 'none'", $policy);
            $this->assertSame('nosniff', $headers->get('X-Content-Type-Options'));
        }
        $this->assertNotSame(
            $this->get('/sign-in')->headers->get('Content-Security-Policy'),
            $this->get('/sign-in')->headers->get('Content-Security-Policy'),
        );
    }

    public function test_codes_cannot_be_tried_without_end(): void
    {
        for ($try = 0; $try < 60; $try++) {
            $this->postJson('/api/watch/join', ['code' => 'AAAA'.$try])->assertStatus(422);
        }
        $this->postJson('/api/watch/join', ['code' => 'AAAA2345'])
            ->assertStatus(429)
            ->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_ids_in_addresses_are_long_and_random(): void
    {
        foreach ($this->things() as $thing) {
            $this->assertMatchesRegularExpression('/^[a-z0-9]{22}$/', (string) $thing->getKey(), $thing::class);
        }
    }

    /** @return list<array{string, string, string}> method, an address of an existing thing, and the route as it is registered */
    private function routes(): array
    {
        $things = $this->things ?? $this->things();
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            /** @var Registered $route */
            if (in_array($route->uri(), self::OPEN, true)) {
                continue;
            }
            $address = preg_replace_callback('/\{(\w+)\??\}/', static fn (array $name): string => match ($name[1]) {
                'id' => str_repeat('a', 22),
                'number', 'kept' => '0',
                'kind' => 'webm',
                'picture' => 'png',
                'format' => 'archive',
                'sha256' => str_repeat('0', 64),
                'reference' => str_repeat('a', 60),
                'block', 'slide' => 'measure-question',
                'figure' => 'solid',
                'source' => 'flat',
                'name' => 'no-such-drawing',
                default => (string) $things[$name[1]]->getKey(),
            }, $route->uri());
            $routes[] = [$route->methods()[0], '/'.$address, $route->uri()];
        }

        return $routes;
    }

    /** @var array<string, \Illuminate\Database\Eloquent\Model>|null */
    private ?array $things = null;

    /** @return array<string, \Illuminate\Database\Eloquent\Model> one of each kind, all of one teacher, by the name it has in routes */
    private function things(): array
    {
        if ($this->things !== null) {
            return $this->things;
        }
        $lesson = $this->lesson($rowan = $this->teacher());
        $take = $this->take($lesson, 'measure', 1);
        $release = (new ReleaseStore)->begin($lesson);
        MakeRelease::dispatchSync($release->id);
        $classroom = $this->classroom($rowan, 'Ada');
        $share = Share::factory()->for($lesson)->for($classroom)->for($release)->create();
        $visit = Visit::factory()->for($share)->for($classroom->students()->sole())->create();
        $answer = Answer::factory()->for($visit)->create(['earned' => 1]);
        $export = Export::factory()->for($release)->create();

        return $this->things = [
            'lesson' => $lesson,
            'take' => $take,
            'footage' => $take->footage()->create(['source' => 'camera']),
            'release' => $release,
            'classroom' => $classroom,
            'student' => $classroom->students()->sole(),
            'share' => $share,
            'answer' => $answer,
            'moment' => $visit->moments()->create([
                'kind' => MomentKind::Question, 'at' => 0, 'slide' => 'measure', 'text' => 'Why?',
            ]),
            'export' => $export,
            'incomingClip' => IncomingClip::query()->create(['user_id' => $rowan->id, 'name' => 'leaf.mp4']),
            'series' => Series::factory()->for($rowan)->create(),
        ];
    }

    public function test_a_class_code_is_eight_signs_that_never_spell_a_word(): void
    {
        for ($round = 0; $round < 200; $round++) {
            $this->assertMatchesRegularExpression('/^[BCDFGHJ-KM-NP-TV-XZ2-9]{8}$/', ClassroomController::freshCode());
        }
    }
}
