<?php

declare(strict_types=1);

namespace Tests\Deploy;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Follows docs/deploy.md on this machine, in folders of its own, and goes to the school that comes of it. */
class DeployTest extends TestCase
{
    private const PORT = 8443;

    private static string $root;

    private static Process $trial;

    private string $cookies;

    public static function setUpBeforeClass(): void
    {
        self::$root = '/srv/daybright-test-'.getmypid();
        self::$trial = new Process(['deploy/try', '--to='.self::$root, '--port='.self::PORT], dirname(__DIR__, 2), null, null, null);
        self::$trial->start();
        for ($tries = 0; $tries < 900 && self::statusOf('/up') !== 200; $tries++) {
            usleep(100_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        self::$trial->stop(10);
        (new Process(['rm', '-rf', self::$root]))->run();
    }

    protected function setUp(): void
    {
        $this->cookies = self::$root.'/cookies-'.bin2hex(random_bytes(4));
    }

    public function test_it_is_well_and_says_so(): void
    {
        self::assertStringContainsString('Add the first teacher', self::$trial->getOutput());
        [$status, $headers, $body] = $this->ask('GET', '/up');
        self::assertSame(200, $status, $body);
        self::assertSame(true, json_decode($body, true)['formulas']);
        self::assertStringContainsStringIgnoringCase('Strict-Transport-Security', $headers);
    }

    public function test_plain_http_leads_to_tls_and_cookies_stay_on_it(): void
    {
        [$status, $headers] = $this->ask('GET', '/sign-in', null, 'http://127.0.0.1:'.(self::PORT + 1));
        self::assertSame(301, $status);
        self::assertStringContainsStringIgnoringCase('Location: https://', $headers);
        [, $headers] = $this->ask('GET', '/api/session');
        self::assertMatchesRegularExpression('/daybright_session=.*secure.*httponly.*samesite=lax/i', $headers);
    }

    public function test_files_of_the_page_are_served_with_their_headers_and_nothing_else_is(): void
    {
        $manifest = json_decode((string) file_get_contents(self::$root.'/program/public/build/manifest.json'), true);
        [$status, $headers] = $this->ask('GET', '/build/'.$manifest['web/watch/main.tsx']['file']);
        self::assertSame(200, $status);
        foreach (['X-Content-Type-Options: nosniff', 'Strict-Transport-Security', 'immutable'] as $wanted) {
            self::assertStringContainsStringIgnoringCase($wanted, $headers);
        }
        foreach (['/.env', '/../.env', '/index.php/../../.env', '/storage/logs', '/build/../index.php'] as $address) {
            [$status, , $body] = $this->ask('GET', $address);
            self::assertNotSame(200, $status, $address);
            self::assertStringNotContainsString('APP_KEY', $body);
        }
    }

    public function test_the_first_teacher_comes_in_by_the_link_and_a_photo_is_taken(): void
    {
        preg_match('~/set-password/(\w{40})~', self::artisan('teacher:add', 'Rowan', 'rowan@school.example'), $link);
        self::assertSame(200, $this->post('/api/password-links/'.$link[1], ['password' => 'three green herons'])[0]);
        [$status, , $body] = $this->ask('GET', '/api/me');
        self::assertSame([200, 'Rowan'], [$status, json_decode($body, true)['name']]);
        // A photo of 2.2 MB: PHP's own limits would refuse it.
        $photo = self::$root.'/photo.jpg';
        self::ran(
            [
                'php',
                '-r',
                'mt_srand(1); $i = imagecreatetruecolor(1400, 1000); for ($y = 0; $y < 1000; $y++) for ($x = 0; $x < 1400; $x++) imagesetpixel($i, $x, $y, mt_rand(0, 0xFFFFFF)); imagejpeg($i, $argv[1], 92);',
                $photo,
            ],
            '/',
        );
        self::assertGreaterThan(2_200_000, filesize($photo));
        self::assertSame(201, $this->post('/api/media', ['file' => new \CURLFile($photo)])[0]);
        file_put_contents($photo, str_repeat('x', 9_000_000));
        [$status, , $body] = $this->post('/api/media', ['file' => new \CURLFile($photo)]);
        self::assertSame(422, $status);
        self::assertStringContainsString('larger than 8 MB', $body);
    }

    public function test_the_workers_of_both_kinds_work(): void
    {
        preg_match('~/set-password/(\w{40})~', self::artisan('teacher:add', 'Sol', 'sol@school.example'), $link);
        $this->post('/api/password-links/'.$link[1], ['password' => 'three green herons']);
        $lesson = json_decode($this->post('/api/lessons', ['title' => 'Noon'])[2], true)['id'];
        $slide = json_decode($this->ask('GET', "/api/lessons/{$lesson}")[2], true)['document']['parts'][0]['slides'][0]['id'];
        $sound = self::$root.'/take.webm';
        self::ran(['ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i', 'sine=frequency=300:duration=2', '-c:a', 'libopus', $sound], '/');
        $take = str_repeat('a', 22);
        $this->post("/api/lessons/{$lesson}/takes/{$take}", ['_method' => 'PUT', 'slide' => $slide, 'source' => 'microphone']);
        self::assertSame(
            200,
            $this->post(
                "/api/takes/{$take}/pieces/0",
                ['_method' => 'PUT', 'sound' => new \CURLFile($sound), 'sha256' => hash_file('sha256', $sound), 'events' => '[]'],
            )[0],
        );
        $this->post("/api/takes/{$take}/finish", ['pieces' => 1]);
        $this->until(fn (): bool => json_decode($this->ask('GET', "/api/lessons/{$lesson}/takes")[2], true)[0]['state'] === 'ready');
        $release = json_decode($this->post("/api/lessons/{$lesson}/releases", [])[2], true)['id'];
        $this->until(
            fn (): bool => json_decode($this->ask('GET', "/api/lessons/{$lesson}/share")[2], true)['releases'][0]['state'] === 'ready',
        );
        $export = json_decode($this->post("/api/releases/{$release}/exports", [])[2], true)['id'];
        $this->until(fn (): bool => json_decode($this->ask('GET', "/api/exports/{$export}")[2], true)['state'] === 'ready');
        self::assertSame(200, $this->ask('GET', "/api/exports/{$export}/file")[0]);
    }

    public function test_what_people_make_is_readable_by_the_service_alone(): void
    {
        foreach (['data', 'data/files', 'data/database.sqlite', 'program/.env', 'program/storage/logs'] as $path) {
            self::assertSame(0, fileperms(self::$root.'/'.$path) & 0007, $path);
        }
        self::assertStringContainsString('su www-data', (string) file_get_contents(self::$root.'/etc/logrotate.d/daybright'));
        // The demo, whose password everybody knows, is refused here.
        self::assertStringContainsString('not loaded', self::artisan('demo:load'));
    }

    private function until(callable $is): void
    {
        for ($tries = 0; $tries < 300; $tries++) {
            if ($is()) {
                self::assertTrue(true);

                return;
            }
            usleep(100_000);
        }
        self::fail('It did not come within thirty seconds.');
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array{int, string, string}
     */
    private function post(string $address, array $given): array
    {
        $answer = $this->ask('POST', $address, $given);

        // Without a session yet, as a page does: ask for one, then again.
        return $answer[0] === 419 && $this->ask('GET', '/api/session')[0] === 204 ? $this->ask('POST', $address, $given) : $answer;
    }

    /**
     * @param  array<string, mixed>|null  $given
     * @return array{int, string, string} status, headers, body
     */
    private function ask(string $method, string $address, ?array $given = null, string $site = ''): array
    {
        $cookies = is_file($this->cookies) ? (string) file_get_contents($this->cookies) : '';
        $token = preg_match('/XSRF-TOKEN\t(\S+)/', $cookies, $found) === 1 ? urldecode($found[1]) : '';
        $curl = curl_init(($site ?: 'https://127.0.0.1:'.self::PORT).$address);
        curl_setopt_array(
            $curl,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HEADER => true,
                CURLOPT_SSL_VERIFYPEER => false,
                CURLOPT_SSL_VERIFYHOST => 0,
                CURLOPT_PATH_AS_IS => true,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_COOKIEFILE => $this->cookies,
                CURLOPT_COOKIEJAR => $this->cookies,
                CURLOPT_HTTPHEADER => ['Accept: application/json', 'X-XSRF-TOKEN: '.$token],
            ],
        );
        if ($given !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, $given);
        }
        $answer = (string) curl_exec($curl);
        $length = curl_getinfo($curl, CURLINFO_HEADER_SIZE);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        curl_close($curl);

        return [$status, substr($answer, 0, $length), substr($answer, $length)];
    }

    private static function statusOf(string $address): int
    {
        $curl = curl_init('https://127.0.0.1:'.self::PORT.$address);
        curl_setopt_array(
            $curl,
            [CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_TIMEOUT => 10],
        );
        curl_exec($curl);

        return curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    }

    private static function artisan(string ...$arguments): string
    {
        $process = new Process(
            ['runuser', '-u', 'www-data', '--', 'php', 'artisan', ...$arguments],
            self::$root.'/program',
            self::environment(),
        );
        $process->run();

        return $process->getOutput();
    }

    /** @param  list<string>  $command */
    private static function ran(array $command, string $folder): string
    {
        $process = new Process($command, $folder, self::environment(), null, 300);
        $process->mustRun();

        return $process->getOutput();
    }

    /** @return array<string, false> what the test runner sets must not reach the school */
    private static function environment(): array
    {
        return array_fill_keys(
            [
                'APP_ENV',
                'APP_KEY',
                'APP_URL',
                'DB_DATABASE',
                'QUEUE_CONNECTION',
                'SESSION_DRIVER',
                'CACHE_STORE',
                'BCRYPT_ROUNDS',
                'FILES_PATH',
                'WORK_PATH',
                'FORMULA_SOCKET',
            ],
            false,
        );
    }
}
