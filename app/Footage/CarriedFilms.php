<?php

declare(strict_types=1);

namespace App\Footage;

use App\Jobs\PrepareFootage;
use App\Models\Footage;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\SampleRange;

/** What was filmed in an earlier take, as far as a take that takes its place keeps it. */
final class CarriedFilms
{
    /**
     * @param  list<array<string, mixed>>  $events of the earlier take
     * @param  SampleRange  $gone of the earlier take
     * @param  int  $length of what stands in its place, in samples
     * @return list<array<string, mixed>> the same, with films that are the take’s own; those of films that are not there are left out
     */
    public static function into(Take $take, Take $earlier, array $events, SampleRange $gone, int $length): array
    {
        $named = [];
        foreach ($earlier->footage as $footage) {
            if (in_array($footage->state, [TakeState::Ready, TakeState::Preparing], true)) {
                $named[$footage->id] = self::carried($take, $footage, $gone, $length)->id;
            }
        }
        $kept = array_filter($events, static fn (array $event): bool => ! isset($event['footage']) || isset($named[$event['footage']]));

        return array_values(array_map(
            static fn (array $event): array => isset($event['footage']) ? ['footage' => $named[$event['footage']]] + $event : $event,
            $kept,
        ));
    }

    /** Once for each, however often a take is made ready. */
    private static function carried(Take $take, Footage $earlier, SampleRange $gone, int $length): Footage
    {
        $known = $take->footage()->where('carried->footage', $earlier->id)->first();
        if ($known !== null) {
            return $known;
        }
        $footage = $take->footage()->create([
            'source' => $earlier->source,
            'state' => TakeState::Preparing,
            'left_out' => $earlier->left_out,
            'carried' => ['footage' => $earlier->id, 'gone' => $gone->toArray(), 'length' => $length],
        ]);
        PrepareFootage::dispatch($footage->id);

        return $footage;
    }
}
