<?php

declare(strict_types=1);

namespace App\Bench;

use Generator;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\TransferStats;
use Psr\Http\Message\ResponseInterface;

/** Somebody at a browser: keeps cookies, carries the form's token, and notes how long each answer took. */
final class Visitor
{
    private readonly CookieJar $cookies;

    /** @param  string|null  $from the address that the server sees, where it is to be one of its own */
    public function __construct(private readonly Crowd $crowd, private readonly Times $times, private readonly ?string $from = null)
    {
        $this->cookies = new CookieJar;
    }

    /**
     * @param  array<string, mixed>  $options
     * @return Generator<int, mixed, mixed, ResponseInterface|null> nothing where there was no answer
     */
    public function ask(string $name, string $method, string $address, array $options = []): Generator
    {
        $token = urldecode($this->cookies->getCookieByName('XSRF-TOKEN')?->getValue() ?? '');
        $answer = yield $this->crowd->client->requestAsync($method, $address, $options + [
            'cookies' => $this->cookies,
            'headers' => ['Accept' => 'application/json', 'Sec-Fetch-Site' => 'same-origin', 'X-XSRF-TOKEN' => $token],
            'curl' => $this->from === null ? [] : [CURLOPT_INTERFACE => $this->from],
            'on_stats' => fn (TransferStats $stats) => $this->times->took($name, 1000 * (float) $stats->getTransferTime()),
        ])->otherwise(fn ($trouble) => $this->times->went("{$name}: {$trouble->getMessage()}"));
        if (! $answer instanceof ResponseInterface || $answer->getStatusCode() >= 400) {
            $this->times->went(
                $name.': '.($answer instanceof ResponseInterface ? $answer->getStatusCode().' '.mb_substr(
                    (string) $answer->getBody(),
                    0,
                    200,
                ) : 'no answer'),
            );
        }

        return $answer;
    }
}
