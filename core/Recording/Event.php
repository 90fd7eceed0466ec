<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Fields;

/** Something the teacher did while speaking, on the take's own clock. */
final readonly class Event
{
    private const KINDS = ['show', 'step', 'visit', 'return', 'ink', 'wipe', 'point', 'pause', 'resume'];

    /** @param  float  $at milliseconds from the start of the take's sound */
    private function __construct(public string $kind, public float $at, public Fields $data)
    {
    }

    /** @throws InvalidRecording */
    public static function from(Fields $fields): self
    {
        $kind = $fields->text('kind');

        return in_array($kind, self::KINDS, true)
            ? new self($kind, max(0.0, $fields->number('at')), $fields)
            : throw InvalidRecording::unknownEvent($kind);
    }
}
