<?php

declare(strict_types=1);

namespace App\Bench;

use Generator;
use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\Promise;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;

/** Many people at once in one process: each is a generator that yields what it waits for, an answer or a while. */
final class Crowd
{
    /** Microseconds between two looks at what has come. */
    private const REST = 2000;

    public readonly Client $client;

    private readonly CurlMultiHandler $wire;

    /** @var list<array{float, Promise}> */
    private array $waiting = [];

    public function __construct(string $address)
    {
        // Browsers keep their connections between one request and the next.
        $this->wire = new CurlMultiHandler(['select_timeout' => 0.01, 'options' => [CURLMOPT_MAXCONNECTS => 1000]]);
        $this->client = new Client([
            'handler' => HandlerStack::create($this->wire),
            'base_uri' => $address,
            'http_errors' => false,
            'verify' => false,
            'timeout' => 60,
        ]);
    }

    public function pause(float $seconds): PromiseInterface
    {
        $promise = new Promise;
        $this->waiting[] = [microtime(true) + $seconds, $promise];

        return $promise;
    }

    /** @param  list<callable(): Generator>  $people */
    public function run(array $people): void
    {
        $done = 0;
        $end = static function () use (&$done): void {
            $done++;
        };
        foreach ($people as $person) {
            Coroutine::of($person)->then($end, $end);
        }
        while ($done < count($people)) {
            // While all wait for a while to pass there is nothing to select on, and the bench would take a processor from the server.
            usleep(self::REST);
            $this->wire->tick();
            $due = array_filter($this->waiting, static fn (array $each): bool => $each[0] <= microtime(true));
            $this->waiting = array_values(array_diff_key($this->waiting, $due));
            foreach ($due as [, $promise]) {
                $promise->resolve(null);
            }
            Utils::queue()->run();
        }
    }
}
