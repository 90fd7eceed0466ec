<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Lessons\LessonDocument;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->withoutVite();
        config(['daybright.work_folder' => storage_path('framework/testing/work-'.getmypid())]);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory(Files::workFolder());
        parent::tearDown();
    }

    /** Another teacher sits down at another browser: no session of the one before is left in it. */
    public function be($user, $guard = null)
    {
        $this->app['session']->forget('password_hash_web');

        return parent::be($user, $guard);
    }

    /**
     * Whatever is asked in any test, the answer is as published.
     *
     * @param  array<mixed>  $parameters
     * @param  array<mixed>  $cookies
     * @param  array<mixed>  $files
     * @param  array<mixed>  $server
     * @return TestResponse<Response>
     */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $answer = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $route = $answer->baseRequest?->route();
        PublishedAnswers::check("{$method} ".($route instanceof Route ? $route->uri() : ''), $answer);

        return $answer;
    }

    protected function teacher(string $name = 'Rowan'): User
    {
        return User::factory()->create(['name' => $name]);
    }

    /** @param  array<string, mixed>|null  $document */
    protected function lesson(User $teacher, ?array $document = null): Lesson
    {
        return Lesson::factory()->for($teacher)->holding(LessonDocument::from($document ?? self::document()))->create();
    }

    /** @return array<string, mixed> two slides: one asks for a number, one is an exit check in words */
    protected static function document(): array
    {
        $slide = static fn (string $id, array $blocks): array => [
            'id' => $id, 'title' => ucfirst($id), 'side' => false, 'arrangement' => 'whole', 'aims' => ['aim-1'],
            'steps' => [
                ['id' => "{$id}-1", 'script' => 'The first line.', 'pause' => 0],
                ['id' => "{$id}-2", 'script' => 'The second line.', 'pause' => 0],
            ],
            'blocks' => $blocks,
        ];
        $question = static fn (string $id, array $content): array => [
            'id' => "{$id}-question",
            'kind' => 'question',
            'region' => 'main',
            'step' => "{$id}-1",
            'reveals' => (object) ['answer' => "{$id}-2"],
            'content' => $content,
        ];

        return [
            'format' => 'daybright-lesson', 'version' => 1, 'title' => 'Shadows', 'minutes' => 5, 'pace' => 130,
            'aims' => [['id' => 'aim-1', 'text' => 'measure a shadow']],
            'parts' => [
                [
                    'id' => 'part-1',
                    'kind' => 'your-turn',
                    'slides' => [$slide(
                        'measure',
                        [$question(
                            'measure',
                            [
                                'type' => 'number',
                                'prompt' => 'How long?',
                                'marks' => 2,
                                'value' => '41',
                                'unit' => 'cm',
                                'seconds' => 5,
                                'slips' => [['id' => 'slip-1', 'value' => '48', 'unit' => 'cm', 'why' => 'That was the shadow at ten']],
                            ],
                        )],
                    )],
                ],
                [
                    'id' => 'part-2',
                    'kind' => 'exit-check',
                    'slides' => [$slide(
                        'why',
                        [$question(
                            'why',
                            ['type' => 'text', 'prompt' => 'Why?', 'marks' => 2, 'value' => 'The Sun was higher.', 'seconds' => 4],
                        )],
                    )],
                ],
            ],
            'media' => (object) [],
        ];
    }

    /** @return array<string, mixed> the same with a text on its first slide */
    protected static function documentWithText(string $text): array
    {
        $document = self::document();
        $document['parts'][0]['slides'][0]['blocks'][] = [
            'id' => 'text',
            'kind' => 'text',
            'region' => 'main',
            'step' => 'measure-1',
            'reveals' => (object) [],
            'content' => ['text' => $text],
        ];

        return $document;
    }

    /** A ready take of a steady tone, with the second step revealed in its middle. */
    protected function take(Lesson $lesson, string $slide, float $seconds = 3.0): Take
    {
        return Take::factory()->for($lesson)->sounding($seconds)->create(['slide' => $slide]);
    }

    protected function classroom(User $teacher, string ...$names): Classroom
    {
        return Classroom::factory()->for($teacher)->withStudents(...$names)->create();
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return string path of the file that it sends
     */
    protected static function downloaded(TestResponse $answer): string
    {
        $file = $answer->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $file);

        return $file->getFile()->getPathname();
    }
}
