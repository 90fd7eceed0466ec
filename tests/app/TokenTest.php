<?php

declare(strict_types=1);

namespace Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/** What comes from our own pages is let in without a token; the browser says so (Fetch Metadata Request Headers, W3C, 2.3). */
final class TokenTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>, int}> */
    public static function senders(): iterable
    {
        yield 'our own page' => [['Sec-Fetch-Site' => 'same-origin'], 200];
        yield 'another page of the school' => [['Sec-Fetch-Site' => 'same-site'], 419];
        yield 'a page of somebody else' => [['Sec-Fetch-Site' => 'cross-site'], 419];
        yield 'an address that was typed' => [['Sec-Fetch-Site' => 'none'], 419];
        yield 'a browser that says nothing, without a token' => [[], 419];
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('senders')]
    public function test_who_may_send_something(array $headers, int $status): void
    {
        $classroom = $this->classroom($this->teacher());
        // In tests nothing is asked for a token.
        $this->app['env'] = 'production';
        $this->postJson('/api/watch/join', ['code' => $classroom->code], $headers)->assertStatus($status);
    }
}
