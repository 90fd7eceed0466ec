<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A school of its own in one folder: a server and a worker that can be killed and started again, and a teacher at a browser. */
final class School
{
    private const PORT = 8171;

    private readonly CookieJar $cookies;

    private readonly Client $client;

    private readonly CurlMultiHandler $wire;

    /** @var list<Process> */
    private array $running = [];

    public function __construct(public readonly string $folder)
    {
        mkdir($folder.'/private', 0700, true);
        touch($folder.'/database.sqlite');
        $this->artisan('migrate', '--force', '--quiet');
        preg_match('~/set-password/(\w{40})~', $this->artisan('teacher:add', 'Rowan', 'rowan@larkfield.example'), $link);
        $this->cookies = new CookieJar;
        $this->wire = new CurlMultiHandler;
        $this->client = new Client([
            'handler' => HandlerStack::create($this->wire),
            'base_uri' => 'http://127.0.0.1:'.self::PORT,
            'cookies' => $this->cookies,
            'http_errors' => false,
            'timeout' => 20,
            'headers' => ['Accept' => 'application/json'],
        ]);
        $this->start();
        $this->ask('GET', '/api/session');
        $this->ask('POST', '/api/password-links/'.$link[1], ['json' => ['password' => 'three green herons']]);
    }

    /** Server and worker, as after a power cut: what was begun is begun again. */
    public function start(): void
    {
        $this->artisan('jobs:tend', '--at-start', '--quiet');
        $this->running = [
            $this->process(['php', '-d', 'opcache.enable_cli=1', '-t', 'public', '-S', '127.0.0.1:'.self::PORT, 'bin/router.php']),
            $this->process(['php', 'artisan', 'queue:work', '--sleep=0.1', '--quiet', '--queue=takes,releases,videos']),
        ];
        foreach ($this->running as $process) {
            $process->disableOutput();
            $process->start();
        }
        $this->until(fn (): bool => @fsockopen('127.0.0.1', self::PORT) !== false, 'the server');
    }

    /** Without a warning: nothing that runs can finish anything. */
    public function kill(): void
    {
        foreach ($this->running as $process) {
            $process->signal(SIGKILL);
        }
        foreach ($this->running as $process) {
            $process->wait();
        }
        $this->running = [];
    }

    public function close(): void
    {
        $this->kill();
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    /** @param  array<string, mixed>  $options as the HTTP client takes them */
    public function ask(string $method, string $address, array $options = []): ResponseInterface
    {
        return $this->begin($method, $address, $options)->wait();
    }

    /** @param  array<string, mixed>  $options */
    public function begin(string $method, string $address, array $options = []): PromiseInterface
    {
        $token = $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '';

        return $this->client->requestAsync($method, $address, $options + ['headers' => ['X-XSRF-TOKEN' => urldecode($token)]]);
    }

    /** Lets a request that was begun go on for some milliseconds. */
    public function pass(int $milliseconds): void
    {
        $end = hrtime(true) + $milliseconds * 1_000_000;
        do {
            $this->wire->tick();
            usleep(500);
        } while (hrtime(true) < $end);
    }

    /** @return array<mixed> */
    public function json(string $address): array
    {
        return json_decode((string) $this->ask('GET', $address)->getBody(), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @param  callable(): bool  $is */
    public function until(callable $is, string $what): void
    {
        for ($tries = 0; $tries < 600; $tries++) {
            if ($is()) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("{$what} did not come within thirty seconds.");
    }

    public function artisan(string ...$arguments): string
    {
        return $this->process(['php', 'artisan', ...$arguments])->mustRun()->getOutput();
    }

    /** @param  list<string>  $command */
    public function process(array $command): Process
    {
        $environment = [
            'APP_ENV' => 'local',
            'APP_URL' => 'http://127.0.0.1:'.self::PORT,
            'DB_DATABASE' => $this->folder.'/database.sqlite',
            'FILES_PATH' => $this->folder.'/private',
            'WORK_PATH' => $this->folder.'/work',
            'FORMULA_SOCKET' => $this->folder.'/formula.sock',
            'QUEUE_CONNECTION' => 'database',
            'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'database',
            'BCRYPT_ROUNDS' => '4',
        ];

        return new Process($command, dirname(__DIR__, 2), $environment, null, null);
    }
}
