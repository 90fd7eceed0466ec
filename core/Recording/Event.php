<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\Tracks;

/** Something the teacher did while speaking, on the take's own clock. */
final readonly class Event
{
    /** @param  float  $at milliseconds from the start of the take's sound */
    private function __construct(public string $kind, public float $at, public Fields $data)
    {
    }

    /**
     * @param  list<array<mixed>>  $events
     * @return list<self> in the order of time
     *
     * @throws InvalidRecording
     */
    public static function all(array $events): array
    {
        $read = array_map(static fn (array $event): self => self::from(new Fields($event)), $events);
        usort($read, static fn (self $one, self $other): int => $one->at <=> $other->at);

        return $read;
    }

    /** @throws InvalidRecording */
    public static function from(Fields $fields): self
    {
        $kind = $fields->text('kind');

        return Tracks::knowsEvent($kind)
            ? new self($kind, max(0.0, $fields->number('at')), $fields)
            : throw InvalidRecording::unknownEvent($kind);
    }
}
