<?php

declare(strict_types=1);

namespace App\Recording;

use App\Jobs\PrepareVideo;
use App\Models\Lesson;
use App\Models\Take;
use Daybright\Recording\Clock;
use Daybright\Recording\Editing\Retiming;
use Daybright\Recording\InvalidRecording;
use Daybright\Recording\SampleRange;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes of a lesson edited together: all that is asked for, or nothing. */
final class TakeEditing
{
    /**
     * @param  array<string, array{
     *     cuts?: list<array<string, int>>, wordings?: list<array{from: int, to: int, text: string|null}>, kept?: list<int>,
     *     moved?: list<array{event: int, at: float|null}>, cleaned?: bool,
     * }>  $changes by take
     * @return Collection<int, Take> those that were changed
     *
     * @throws InvalidRecording where nothing of a take would be left, or two wordings are of the same words
     */
    public function edit(Lesson $lesson, array $changes): Collection
    {
        $change = static fn (array $change, string $id): Take => self::change($lesson->takes()->with('footage')->findOrFail($id), $change);

        $changed = DB::transaction(static fn (): Collection => collect($changes)->map($change)->values());
        PrepareVideo::soon($lesson->id);

        return $changed;
    }

    /**
     * @param  array{
     *     cuts?: list<array<string, int>>, wordings?: list<array{from: int, to: int, text: string|null}>, kept?: list<int>,
     *     moved?: list<array{event: int, at: float|null}>, cleaned?: bool,
     * }  $change
     */
    private static function change(Take $take, array $change): Take
    {
        if (isset($change['cuts'])) {
            $take->cuts = self::ranges($change['cuts'], $take->length);
            // Refuses cuts that leave nothing.
            $take->recorded()->kept();
        }
        if (isset($change['wordings'])) {
            $take->wordings = self::wordings($change['wordings'], $take->length);
        }
        if (isset($change['kept'])) {
            $take->kept = array_values(array_unique(array_map(intval(...), $change['kept'])));
        }
        if (isset($change['moved'])) {
            $take->moved = array_map(
                static fn (array $each): array => [
                    'event' => (int) $each['event'],
                    'at' => $each['at'] === null ? null : round((float) $each['at'], 1),
                ],
                $change['moved'],
            );
            Retiming::check($take->events ?? [], $take->moves(), Clock::milliseconds($take->length));
        }
        $take->cleaned = $change['cleaned'] ?? $take->cleaned;
        $take->save();

        return $take;
    }

    /**
     * @param  list<array<string, mixed>>  $given
     * @return list<array{from: int, to: int}> in the order of time
     */
    private static function ranges(array $given, int $length): array
    {
        $ranges = array_map(
            static fn (array $each): SampleRange => new SampleRange((int) $each['from'], min((int) $each['to'], $length)),
            $given,
        );
        usort($ranges, static fn (SampleRange $one, SampleRange $other): int => $one->from <=> $other->from);

        return array_map(static fn (SampleRange $range): array => $range->toArray(), $ranges);
    }

    /**
     * @param  list<array{from: int, to: int, text: string|null}>  $given
     * @return list<array{from: int, to: int, text: string}> in the order of time
     */
    private static function wordings(array $given, int $length): array
    {
        $texts = array_column($given, 'text', 'from');
        $ranges = self::ranges($given, $length);
        foreach ($ranges as $number => $range) {
            if ($range['from'] < ($ranges[$number - 1]['to'] ?? 0)) {
                throw InvalidRecording::wordingsMeet();
            }
        }

        return array_map(
            static fn (array $range): array => [...$range, 'text' => Str::squish($texts[$range['from']] ?? '')],
            $ranges,
        );
    }
}
