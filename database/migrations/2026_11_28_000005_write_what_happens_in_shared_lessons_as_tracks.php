<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Shared lessons kept pictures, strokes and the pointer in lists of their own. From here on each is a track of half-open intervals. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('releases')->whereNotNull('programme')->orderBy('id')->pluck('id') as $id) {
            $programme = json_decode((string) DB::table('releases')->where('id', $id)->value('programme'), flags: JSON_THROW_ON_ERROR);
            if ($programme instanceof stdClass && isset($programme->pictures)) {
                DB::table('releases')->where('id', $id)->update(['programme' => json_encode($this->withTracks($programme), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)]);
            }
        }
    }

    private function withTracks(stdClass $programme): stdClass
    {
        $tracks = new stdClass;
        $tracks->steps = $this->lasting($programme->pictures, $programme->length);
        $tracks->ink = array_map(static function (stdClass $stroke) use ($programme): stdClass {
            $interval = (object) (['from' => $stroke->at, 'to' => $stroke->until ?? $programme->length] + get_object_vars($stroke));
            unset($interval->at, $interval->until);

            return $interval;
        }, $programme->strokes);
        $tracks->pointer = array_values(array_filter($this->lasting($programme->pointer, $programme->length), static fn (stdClass $spot): bool => $spot->x !== null && $spot->y !== null));
        $programme->tracks = $tracks;
        unset($programme->pictures, $programme->strokes, $programme->pointer);

        return $programme;
    }

    /**
     * Each lasts until the next one begins; what lasts no time is left out.
     *
     * @param  list<stdClass>  $entries
     * @return list<stdClass>
     */
    private function lasting(array $entries, int|float $length): array
    {
        $intervals = [];
        foreach ($entries as $index => $entry) {
            $interval = (object) (['from' => $entry->at, 'to' => $entries[$index + 1]->at ?? $length] + get_object_vars($entry));
            unset($interval->at);
            if ($interval->to > $interval->from) {
                $intervals[] = $interval;
            }
        }

        return $intervals;
    }
};
