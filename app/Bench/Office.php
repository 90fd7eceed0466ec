<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demo\DemoLessons;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use App\Models\TakeSource;
use App\Models\TakeState;
use App\Models\User;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use RuntimeException;
use stdClass;
use Symfony\Component\Process\Process;
use Throwable;

/** A teacher at work on lessons, through a server of its own: how long saving, checking, opening and Home take. */
final class Office
{
    private const PORT = 8191;

    private const ROUNDS = 40;

    /** Milliseconds between requests: nobody turns to the ready check sooner after a save, and what was left for afterwards is done. */
    private const REST = 100;

    /** Milliseconds between two acts of the browser while a number is turned (web/rooms/record/live/LiveDials.tsx). */
    private const TURN = 90;

    private readonly Client $client;

    private readonly CookieJar $cookies;

    /** @var list<Process> */
    private array $running = [];

    public function __construct(
        private readonly Report $report,
        private readonly User $teacher,
        private readonly LessonStore $store,
        private readonly DemoLessons $demo,
    ) {
        $this->cookies = new CookieJar;
        $this->client = new Client(['base_uri' => 'http://127.0.0.1:'.self::PORT, 'cookies' => $this->cookies, 'timeout' => 60]);
    }

    public function measure(): void
    {
        try {
            $this->open();
            $this->report->line(
                'A request of who is signed in, at the median',
                sprintf('%.1f ms', $this->median(fn () => $this->ask('GET', '/api/me'))),
            );
            $this->saving();
            $this->acting();
            $this->opening();
            $this->home();
            $this->report->atMost(
                'A search of the library, with the pictures of those lessons, at the median',
                $this->median(fn () => $this->ask('GET', '/api/library?words=leaf'), 10),
                100,
                '%.0f ms',
            );
        } finally {
            array_map(static fn (Process $process): ?int => $process->stop(2), $this->running);
        }
    }

    /**
     * A lesson of thirty slides, practice and formulas among them, of which one changes at every save. The empty request is made
     * in the same rounds: the speed of a shared machine changes within a run, and a ratio of two times of day says nothing.
     */
    private function saving(): void
    {
        $lesson = $this->lesson(30);
        $opened = $this->ask('GET', "/api/lessons/{$lesson->id}");
        /** @var stdClass $document */
        $document = $opened->document;
        $version = $opened->version;
        $empty = [];
        $ready = [];
        $save = function (stdClass $slide) use ($lesson, $document, &$version): float {
            $frame = clone $document;
            $frame->parts = array_map(
                static fn (stdClass $part): array => array_replace(
                    get_object_vars($part),
                    ['slides' => array_column($part->slides, 'id')],
                ),
                $document->parts,
            );
            $change = ['version' => $version, 'frame' => $frame, 'slides' => [$slide->id => $slide]];

            return $this->rested(function () use ($lesson, $change, &$version): void {
                $version = $this->ask('PATCH', "/api/lessons/{$lesson->id}", $change)->version;
            });
        };
        $saving = $this->median(function (int $round) use ($lesson, $document, $save, &$empty, &$ready): float {
            $empty[] = $this->rested(fn () => $this->ask('GET', '/api/session'));
            $slide = $document->parts[0]->slides[$round % 30];
            $slide->title = "Round {$round}";
            $took = $save($slide);
            $ready[] = $this->rested(fn () => $this->ask('GET', "/api/lessons/{$lesson->id}/ready"));

            return $took;
        });
        $composing = $this->median(function (int $round) use ($document, $save): float {
            $slide = $document->parts[0]->slides[$round % 30];
            $slide->blocks[0]->size = 0.9;

            return $save($slide);
        }, 30);
        $empty = self::middle($empty);
        $check = self::middle($ready);
        $this->report->line('An empty request, at the median', sprintf('%.1f ms', $empty));
        $this->report->atMost('A save of one slide of 30 with its picture, at the median', $saving, 45, '%.1f ms');
        $this->report->atMost('… against an empty request', $saving / $empty, 3, '%.2f times');
        $this->report->line('A save that changes a block, so that its slide is composed anew', sprintf('%.1f ms', $composing));
        $this->report->line('The ready check after a save, at the median', sprintf('%.1f ms', $check));
        $this->report->atMost('… against an empty request', $check / $empty, 1.5, '%.2f times');
    }

    /** A teacher turns a number of a graph: each act is a request, and the next one waits for its picture. */
    private function acting(): void
    {
        $lesson = CurveLesson::begin($this->store, $this->teacher);
        $slide = $lesson->read()->mainSlides()[0];
        $act = fn (int $round): float => $this->milliseconds(fn () => $this->ask(
            'POST',
            "/api/lessons/{$lesson->id}/slides/{$slide->id}/live",
            ['changes' => [CurveLesson::BLOCK => ['quantities' => ['functions' => 'x² + '.$round / 10 .'x − 3']]]],
        ));
        $act(0);
        $median = $this->median($act);
        $this->report->atMost('From an act to its picture, at the median', $median, 80, '%.0f ms');
        $this->report->line('Pictures a second while a number is turned', sprintf('%.0f', 1000 / max($median, self::TURN)));
    }

    private function opening(): void
    {
        $lesson = $this->lesson(120);
        $this->ask('GET', "/api/lessons/{$lesson->id}");
        $this->report->atMost(
            'Opening a lesson of 120 slides, at the median',
            $this->median(fn () => $this->ask('GET', "/api/lessons/{$lesson->id}"), 10),
            200,
            '%.0f ms',
        );
    }

    private function home(): void
    {
        $document = LessonDocument::from($this->demo->document($this->teacher, 'height-of-a-flagpole'));
        for ($number = 0; $number < 300; $number++) {
            $lesson = $this->store->create(new Lesson(['user_id' => $this->teacher->id]), $document);
            foreach ($document->read()->mainSlides() as $slide) {
                $lesson->takes()->create([
                    'slide' => $slide->id,
                    'source' => TakeSource::Practice,
                    'state' => TakeState::Ready,
                    'chosen' => true,
                    'length' => 480_000,
                    'events' => [],
                    'cuts' => [],
                ]);
            }
        }
        $this->report->atMost(
            'Home with 300 lessons, at the median',
            $this->median(fn () => $this->ask('GET', '/api/home'), 10),
            300,
            '%.0f ms',
        );
    }

    /** Slides of the demo over and over, each with ids of its own, and every third with a practice set. */
    private function lesson(int $slides): Lesson
    {
        $document = $this->demo->document($this->teacher, 'height-of-a-flagpole');
        $known = array_merge(...array_column($document['parts'], 'slides'));
        $list = [];
        for ($number = 0; $number < $slides; $number++) {
            $list[] = $this->renamed($known[$number % count($known)], "n{$number}", $number % 3 === 0);
        }

        return $this->store->create(
            new Lesson(['user_id' => $this->teacher->id]),
            LessonDocument::from(['parts' => [['id' => 'part', 'kind' => 'explain', 'slides' => $list]]] + $document),
        );
    }

    /**
     * @param  array<string, mixed>  $slide
     * @return array<string, mixed>
     */
    private function renamed(array $slide, string $name, bool $withPractice): array
    {
        $own = static fn (string $id): string => "{$name}-{$id}";
        $slide['id'] = $own($slide['id']);
        foreach ($slide['steps'] as $index => $step) {
            $slide['steps'][$index]['id'] = $own($step['id']);
        }
        foreach ($slide['blocks'] as $index => $block) {
            $slide['blocks'][$index] = [
                'id' => $own($block['id']),
                'step' => $own($block['step']),
                'reveals' => (object) array_map($own, (array) $block['reveals']),
            ] + $block;
        }
        if ($withPractice) {
            $content = [
                'type' => 'practice',
                'prompt' => 'Practise.',
                'marks' => 3,
                'source' => 'worked',
                'maker' => 'units',
                'quantities' => (object) ['amount' => '3 km', 'to' => 'm'],
                'seed' => 7,
                'count' => 3,
            ];
            $slide['blocks'][] = [
                'id' => "{$name}-practice-set",
                'kind' => 'question',
                'region' => 'main',
                'step' => $slide['steps'][0]['id'],
                'reveals' => (object) [],
                'content' => $content,
            ];
        }

        return $slide;
    }

    private function open(): void
    {
        $this->start(['node', 'formula/serve.mjs', (string) config('daybright.formula_socket')]);
        $this->start(['php', '-d', 'opcache.enable_cli=1', '-t', 'public', '-S', '127.0.0.1:'.self::PORT, 'bin/router.php']);
        for ($tries = 0; $tries < 100; $tries++) {
            try {
                $this->client->get('/api/session');
                $this->ask('POST', '/api/sign-in', ['email' => $this->teacher->email, 'password' => 'bench']);

                return;
            } catch (Throwable) {
                usleep(100_000);
            }
        }
        throw new RuntimeException('The server of the bench did not answer within ten seconds.');
    }

    /** @param  list<string>  $command */
    private function start(array $command): void
    {
        $process = new Process($command, base_path());
        $process->setTimeout(null);
        $process->start();
        $this->running[] = $process;
    }

    /** @param  array<string, mixed>|null  $body */
    private function ask(string $method, string $address, ?array $body = null): mixed
    {
        $token = urldecode($this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '');
        $answer = $this->client->request(
            $method,
            $address,
            ['headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => $token]] + ($body === null ? [] : ['json' => $body]),
        );

        return (string) $answer->getBody() === '' ? null : json_decode((string) $answer->getBody());
    }

    /** @param  callable(int): mixed  $work may answer with the milliseconds that count */
    private function median(callable $work, int $rounds = self::ROUNDS): float
    {
        $times = [];
        for ($round = 0; $round < $rounds; $round++) {
            $measured = null;
            $took = $this->milliseconds(static function () use ($work, $round, &$measured): void {
                $measured = $work($round);
            });
            $times[] = is_float($measured) ? $measured : $took;
        }

        return self::middle($times);
    }

    /** @param  list<float>  $times with one at least */
    private static function middle(array $times): float
    {
        sort($times);

        return $times[intdiv(count($times), 2)];
    }

    /** All begin alike: a processor that has just rested is slower. */
    private function rested(callable $work): float
    {
        usleep(self::REST * 1000);

        return $this->milliseconds($work);
    }

    private function milliseconds(callable $work): float
    {
        $begun = hrtime(true);
        $work();

        return (hrtime(true) - $begun) / 1e6;
    }
}
