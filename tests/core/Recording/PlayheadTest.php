<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Playhead;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\ShownSlide;
use PHPUnit\Framework\TestCase;

/** The same moments are looked up in the browser: see tests/web/tracks.test.ts. */
final class PlayheadTest extends TestCase
{
    public function test_it_finds_what_has_begun_and_not_ended_as_time_goes_on(): void
    {
        $playhead = self::playhead();
        foreach (self::vectors()['moments'] as $moment) {
            self::assertSame($moment['found'], self::names($playhead, $moment['at']), "at {$moment['at']}");
        }
    }

    public function test_it_finds_the_same_when_time_goes_back(): void
    {
        $playhead = self::playhead();
        foreach (array_reverse(self::vectors()['moments']) as $moment) {
            self::assertSame($moment['found'], self::names($playhead, $moment['at']), "at {$moment['at']}");
        }
    }

    /** @return Playhead<ShownSlide> */
    private static function playhead(): Playhead
    {
        return new Playhead(array_map(
            static fn (array $interval): ShownSlide => new ShownSlide($interval['from'], $interval['to'], $interval['name'], 0),
            self::vectors()['intervals'],
        ));
    }

    /**
     * @param  Playhead<ShownSlide>  $playhead
     * @return list<string>
     */
    private static function names(Playhead $playhead, float $at): array
    {
        return array_map(static fn (Interval $interval): string => $interval->toArray()['slide'], array_values($playhead->at($at)));
    }

    /** @return array{intervals: list<array{from: float, to: float, name: string}>, moments: list<array{at: float, found: list<string>}>} */
    private static function vectors(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../../playhead.json'), true, flags: JSON_THROW_ON_ERROR);
    }
}
