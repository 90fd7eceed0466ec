<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Recording\Event;
use Daybright\Recording\Tracks\Acts\Acts;
use Daybright\Recording\Tracks\Covers\Covers;
use Daybright\Recording\Tracks\Footage\Footage;
use Daybright\Recording\Tracks\Ink\Ink;
use Daybright\Recording\Tracks\Layouts\Layouts;
use Daybright\Recording\Tracks\Light\Light;
use Daybright\Recording\Tracks\Pauses\Pauses;
use Daybright\Recording\Tracks\Pointer\Pointer;
use Daybright\Recording\Tracks\Ring\Ring;
use Daybright\Recording\Tracks\Steps\Steps;
use Daybright\Recording\Tracks\Views\Views;
use Daybright\Recording\Tracks\Visits\Visits;

/** The tracks of a timeline: one line each, in the order in which they are painted. */
final class Tracks
{
    /** @var non-empty-list<class-string<Track>> */
    private const CATALOGUE = [
        Steps::class,
        Layouts::class,
        Visits::class,
        Pauses::class,
        Acts::class,
        Views::class,
        Footage::class,
        Ink::class,
        Covers::class,
        Light::class,
        Pointer::class,
        Ring::class,
    ];

    public static function knowsEvent(string $kind): bool
    {
        return self::ofEvent($kind) !== null;
    }

    /** @return class-string<Track>|null whose event it is */
    public static function ofEvent(string $kind): ?string
    {
        foreach (self::CATALOGUE as $track) {
            if (in_array($kind, $track::events(), true)) {
                return $track;
            }
        }

        return null;
    }

    /**
     * @param  list<Event>  $events in the order of time
     * @return list<array<string, mixed>> events, without their time, that end what is still going on after them
     */
    public static function ending(array $events): array
    {
        return array_merge(...array_map(static fn (string $track): array => $track::ending($events), self::that(GoesOn::class)));
    }

    /** @return non-empty-list<class-string<Track>> */
    public static function all(): array
    {
        return self::CATALOGUE;
    }

    /**
     * Those that implement an interface.
     *
     * @template Wanted of Track
     *
     * @param  class-string<Wanted>  $interface
     * @return list<class-string<Wanted>>
     */
    public static function that(string $interface): array
    {
        $tracks = [];
        foreach (self::all() as $track) {
            if (is_a($track, $interface, true)) {
                $tracks[] = $track;
            }
        }

        return $tracks;
    }
}
