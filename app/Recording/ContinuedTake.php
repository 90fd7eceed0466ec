<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Footage\CarriedFilms;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\Clock;
use Daybright\Recording\Editing\Replacement;
use Daybright\Recording\Event;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Tracks\Tracks;

/** A take that goes on where another one is left: the beginning of that one, and then what was said anew, at one loudness. */
final class ContinuedTake
{
    /**
     * @param  string  $sound what was said anew, decoded
     * @return string path of a temporary file with both, joined without a click
     */
    public static function sound(Take $take, string $sound): string
    {
        $earlier = self::earlier($take);
        $length = AudioEncoder::length($sound);
        if ($earlier === null || $length === 0) {
            return $sound;
        }

        return AudioEncoder::join([
            [
                'file' => Files::found($earlier->path('sound.flac')),
                'loudness' => $earlier->loudness ?? -16.0,
                'ranges' => [new SampleRange(0, self::at($take, $earlier))],
            ],
            ['file' => $sound, 'loudness' => AudioEncoder::loudness($sound), 'ranges' => [new SampleRange(0, $length)]],
        ]);
    }

    /**
     * @param  list<array<string, mixed>>  $events of what was said anew, on its own clock
     * @return list<array<string, mixed>> with what was done before
     */
    public static function events(Take $take, array $events): array
    {
        $earlier = self::earlier($take);
        if ($earlier === null) {
            return $events;
        }
        // Told in samples: an event's tenths of a millisecond may be rounded to before the place at which it was done.
        $sample = self::at($take, $earlier);
        $before = CarriedFilms::into($take, $earlier, array_values(array_filter(
            $earlier->movedEvents(),
            static fn (array $event): bool => Clock::samples($event['at']) < $sample,
        )), new SampleRange($sample, max($sample + 1, $earlier->length)), 0);
        $at = Clock::milliseconds($sample);
        $ending = array_map(static fn (array $event): array => ['at' => round($at, 1)] + $event, Tracks::ending(Event::all($before)));
        $after = array_map(
            static fn (array $event): array => ['at' => round($event['at'] + $at, 1)] + $event,
            array_filter($events, static fn (array $event): bool => $event['kind'] !== 'show'),
        );

        return [...$before, ...$ending, ...array_values($after)];
    }

    /** Gives the take, whose sound is measured, what was edited in the part of the earlier one that is kept. */
    public static function keepEdits(Take $take): void
    {
        $earlier = self::earlier($take);
        if ($earlier === null) {
            return;
        }
        $at = self::at($take, $earlier);
        $replacement = new Replacement(new SampleRange($at, max($at + 1, $earlier->length)), max(1, $take->length - $at));
        $carried = CarriedEdits::into($replacement, $earlier);
        $new = array_filter($take->cuts ?? [], static fn (array $cut): bool => $cut['from'] >= $at);
        $take->update(['cuts' => [...$carried['cuts'], ...array_values($new)]] + $carried);
    }

    private static function earlier(Take $take): ?Take
    {
        // Where only a stretch is said again, SaidAgain puts it in its place.
        $continues = $take->continues_until === null ? $take->continues : null;
        $earlier = $continues === null ? null : Take::query()->find($continues);

        return $earlier?->state === TakeState::Ready && $earlier->slide === $take->slide ? $earlier : null;
    }

    private static function at(Take $take, Take $earlier): int
    {
        return max(1, min($earlier->length, (int) $take->continues_at));
    }
}
