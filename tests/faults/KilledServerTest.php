<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Promise\PromiseInterface;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Throwable;

/** Server and worker are killed at forty moments: what was acknowledged is there afterwards, and nothing waits for ever. */
class KilledServerTest extends TestCase
{
    private const MOMENTS = 10;

    private School $school;

    private string $lesson;

    private string $slide;

    private string $sound;

    protected function setUp(): void
    {
        $this->school = new School(sys_get_temp_dir().'/daybright-faults-'.bin2hex(random_bytes(4)));
        $this->lesson = (string) json_decode(
            (string) $this->school->ask('POST', '/api/lessons', ['json' => ['title' => 'Noon']])->getBody(),
            true,
        )['id'];
        $this->slide = $this->school->json("/api/lessons/{$this->lesson}")['document']['parts'][0]['slides'][0]['id'];
        $this->sound = $this->school->folder.'/take.webm';
        (new Process([
            'ffmpeg',
            '-v',
            'error',
            '-y',
            '-f',
            'lavfi',
            '-i',
            'sine=frequency=300:duration=1',
            '-c:a',
            'libopus',
            $this->sound,
        ]))->mustRun();
    }

    protected function tearDown(): void
    {
        $this->school->close();
    }

    public function test_saves(): void
    {
        for ($moment = 0; $moment < self::MOMENTS; $moment++) {
            $before = $this->school->json("/api/lessons/{$this->lesson}");
            $document = ['title' => "Noon {$moment}"] + $before['document'];
            $document['media'] = (object) $document['media'];
            foreach ($document['parts'] as &$part) {
                foreach ($part['slides'] as &$slide) {
                    foreach ($slide['blocks'] as &$block) {
                        $block['reveals'] = (object) $block['reveals'];
                    }
                }
            }
            unset($part, $slide, $block);
            $answer = $this->killedAt(
                $this->school->begin(
                    'PUT',
                    "/api/lessons/{$this->lesson}",
                    ['json' => ['version' => $before['version'], 'document' => $document]],
                ),
                $moment * 12,
            );
            $after = $this->school->json("/api/lessons/{$this->lesson}");
            self::assertContains(
                $after['document']['title'],
                $answer === 200 ? ["Noon {$moment}"] : ["Noon {$moment}", $before['document']['title']],
            );
            self::assertSame(
                $before['version'] + ($after['document']['title'] === $before['document']['title'] ? 0 : 1),
                $after['version'],
            );
        }
    }

    public function test_finished_takes(): void
    {
        for ($moment = 0; $moment < self::MOMENTS; $moment++) {
            $take = $this->recorded($moment);
            $answer = $this->killedAt($this->school->begin('POST', "/api/takes/{$take}/finish", ['json' => ['pieces' => 1]]), $moment * 60);
            if ($this->stateOf($take) === 'recording') {
                self::assertNotSame(200, $answer, 'it was acknowledged');
                self::assertSame(
                    200,
                    $this->school->ask('POST', "/api/takes/{$take}/finish", ['json' => ['pieces' => 1]])->getStatusCode(),
                );
            }
            $this->school->until(fn (): bool => $this->stateOf($take) === 'ready', "take {$moment}");
        }
        self::assertCount(self::MOMENTS, $this->school->json("/api/lessons/{$this->lesson}/takes"));
    }

    public function test_releases_and_videos(): void
    {
        $take = $this->recorded(0);
        $this->school->ask('POST', "/api/takes/{$take}/finish", ['json' => ['pieces' => 1]]);
        $this->school->until(fn (): bool => $this->stateOf($take) === 'ready', 'the take');
        $this->school->ask('POST', "/api/takes/{$take}/choose");
        $known = [];
        for ($moment = 0; $moment < self::MOMENTS; $moment++) {
            $answer = $this->killedAt($this->school->begin('POST', "/api/lessons/{$this->lesson}/releases"), $moment * 90);
            $releases = array_column($this->releases(), 'id');
            self::assertTrue($answer !== 201 || array_diff($releases, $known) !== [], 'an acknowledged release is gone');
            $known = $releases;
            $this->school->until(
                fn (): bool => array_filter($this->releases(), static fn (array $release): bool => $release['state'] !== 'ready') === [],
                "release {$moment}",
            );
        }
        if ($known === []) {
            $this->school->ask('POST', "/api/lessons/{$this->lesson}/releases");
            $this->school->until(fn (): bool => ($this->releases()[0]['state'] ?? '') === 'ready', 'a release');
        }
        $release = $this->releases()[0]['id'];
        for ($moment = 0; $moment < self::MOMENTS; $moment++) {
            $this->killedAt($this->school->begin('POST', "/api/releases/{$release}/exports"), $moment * 130);
            $export = (string) json_decode((string) $this->school->ask('POST', "/api/releases/{$release}/exports")->getBody(), true)['id'];
            $this->school->until(fn (): bool => $this->school->json("/api/exports/{$export}")['state'] === 'ready', "video {$moment}");
        }
        self::assertSame([], glob($this->school->folder.'/private/**/*.part'));
    }

    /** @return int|null the status, when the answer came before the end */
    private function killedAt(PromiseInterface $request, int $milliseconds): ?int
    {
        $status = null;
        $request->then(static function ($answer) use (&$status): void {
            $status = $answer->getStatusCode();
        }, static fn (): null => null);
        $this->school->pass($milliseconds);
        $this->school->kill();
        try {
            $request->wait();
        } catch (Throwable) {
        }
        $this->school->start();

        return $status;
    }

    private function recorded(int $number): string
    {
        $take = str_pad("take{$number}", 22, 'a');
        $this->school->ask(
            'PUT',
            "/api/lessons/{$this->lesson}/takes/{$take}",
            ['json' => ['slide' => $this->slide, 'source' => 'microphone']],
        );
        $answer = $this->school->ask(
            'POST',
            "/api/takes/{$take}/pieces/0",
            ['multipart' => [
                ['name' => '_method', 'contents' => 'PUT'],
                ['name' => 'sound', 'contents' => fopen($this->sound, 'rb'), 'filename' => 'p'],
                ['name' => 'sha256', 'contents' => hash_file('sha256', $this->sound)],
                ['name' => 'events', 'contents' => '[]'],
            ]],
        );
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());

        return $take;
    }

    private function stateOf(string $take): string
    {
        return array_column($this->school->json("/api/lessons/{$this->lesson}/takes"), 'state', 'id')[$take] ?? 'gone';
    }

    /** @return list<array<string, mixed>> */
    private function releases(): array
    {
        return $this->school->json("/api/lessons/{$this->lesson}/share")['releases'];
    }
}
