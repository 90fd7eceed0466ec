<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Jobs\MakeRelease;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Lesson\Slide;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Freezes lessons: a release keeps the document and the chosen takes as they are now. */
final class ReleaseStore
{
    public function begin(Lesson $lesson): Release
    {
        $draft = $this->draft($lesson);

        // The release and the job that makes it are stored together or not at all.
        return DB::transaction(static function () use ($lesson, $draft): Release {
            $draft->fill(['number' => (int) $lesson->releases()->max('number') + 1])->save();
            MakeRelease::dispatch($draft->id);

            return $draft;
        });
    }

    /** A version of the lesson as it is now, which nobody has shared. */
    public function draft(Lesson $lesson): Release
    {
        $takes = self::chosenTakes($lesson);
        if ($takes->isEmpty()) {
            throw new DomainException('Nothing has been recorded yet. Record at least one slide, then share the lesson.');
        }
        $kept = $takes->map(static fn (Take $take): array => [
            'id' => $take->id,
            'slide' => $take->slide,
            'length' => $take->length,
            'loudness' => $take->loudness,
            'cleaned' => $take->cleaned,
            'events' => $take->seenEvents(),
            'cuts' => $take->cuts ?? [],
            'alignment' => $take->alignment,
            'wordings' => $take->wordings ?? [],
        ])->values()->all();

        return $lesson->releases()->make(['document' => $lesson->document(), 'takes' => $kept]);
    }

    /** Whether a class would get anything else from a version made now. */
    public function hasChangedSince(Lesson $lesson, Release $release): bool
    {
        $now = self::chosenTakes($lesson)->mapWithKeys(static fn (Take $take): array => [
            $take->id => [$take->cuts ?? [], $take->cleaned, $take->wordings ?? [], $take->seenEvents()],
        ])->sortKeys();
        $frozen = array_map(
            static fn (array $take): array => [$take['cuts'], $take['cleaned'] ?? false, $take['wordings'] ?? [], $take['events']],
            array_column($release->takes, null, 'id'),
        );
        ksort($frozen);

        return ! $release->document->isSeenAs($lesson->document()) || $now->all() != $frozen;
    }

    /** @return Collection<int, Take> ready ones of the slides that are played in their order */
    private static function chosenTakes(Lesson $lesson): Collection
    {
        $slides = array_map(static fn (Slide $slide): string => $slide->id, $lesson->read()->mainSlides());

        return $lesson->takes()->where('chosen', true)->where('state', TakeState::Ready)->whereIn('slide', $slides)->get();
    }
}
