<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Footage\FootageStore;
use App\Jobs\Orphans;
use App\Jobs\PrepareTake;
use App\Lessons\LessonSchema;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes in recordings piece by piece, so that nothing is lost when a connection drops or a browser dies. */
final class TakeStore
{
    public function __construct(private readonly LessonSchema $schema, private readonly FootageStore $footage)
    {
    }

    /** @param  array{take: string, at: int, until?: int}|null  $continues another take of the slide, as far as a sample of it and from another on */
    public function begin(Lesson $lesson, string $id, string $slide, string $source, ?array $continues = null): Take
    {
        if ($lesson->read()->slide($slide) === null) {
            throw new DomainException('This slide is no longer in the lesson. Load the page again.');
        }
        $take = Take::query()->find($id);
        if ($take !== null && $take->lesson_id !== $lesson->id) {
            throw new DomainException('This recording belongs to another lesson.');
        }
        if ($take !== null) {
            return $take;
        }
        if ($continues !== null && $lesson->takes()->where('slide', $slide)->whereKey($continues['take'])->doesntExist()) {
            throw new DomainException('The recording to go on from is no longer there. Record the slide from its beginning.');
        }

        return $lesson->takes()->create([
            'id' => $id,
            'slide' => $slide,
            'source' => $source,
            'continues' => $continues['take'] ?? null,
            'continues_at' => $continues['at'] ?? null,
            'continues_until' => $continues['until'] ?? null,
        ]);
    }

    /**
     * Sending a piece twice changes nothing; another piece under the same number is refused.
     *
     * @param  mixed  $events as they were sent, decoded
     */
    public function piece(Take $take, int $number, string $bytes, string $sha256, mixed $events): void
    {
        if (! hash_equals(hash('sha256', $bytes), $sha256)) {
            throw new DomainException('A piece of the recording was damaged on its way. It will be sent again.');
        }
        DrawingCost::refuseTooMuch($events);
        $this->schema->checkEvents($events);
        $known = $take->pieces()->where('number', $number)->first();
        if ($known !== null && $known->sha256 !== $sha256) {
            throw new DomainException('Two different pieces of this recording have the same number.');
        }
        if ($known !== null || $take->state !== TakeState::Recording) {
            return;
        }
        // The bytes first: a row in the table means that the piece is safe.
        Files::write($take->path(sprintf('pieces/%06d', $number)), $bytes);
        DB::table('pieces')->insertOrIgnore([
            'take_id' => $take->id,
            'number' => $number,
            'sha256' => $sha256,
            'events' => json_encode($events, JSON_THROW_ON_ERROR),
        ]);
    }

    /**
     * @param  int|null  $pieces how many there should be; null takes what has come, up to the first gap
     * @return list<int> the numbers that are missing; empty when the take is on its way
     */
    public function finish(Take $take, ?int $pieces): array
    {
        if ($take->state !== TakeState::Recording) {
            return [];
        }
        $there = $take->pieceNumbers();
        if ($pieces !== null) {
            $missing = array_values(array_diff($pieces === 0 ? [] : range(0, $pieces - 1), $there));
            if ($missing !== []) {
                return $missing;
            }
        }
        $whole = self::withoutGap($take);
        if ($whole === 0) {
            throw new DomainException('Nothing of this take arrived. Record the slide again.');
        }
        $this->prepare($take, $whole);
        if ($pieces === null) {
            $this->footage->finishAll($take);
        }

        return [];
    }

    /** A take that could not be made ready is tried once more, from the pieces that are kept. */
    public function prepareAgain(Take $take): void
    {
        $whole = self::withoutGap($take);
        if ($take->state !== TakeState::Failed || $whole === 0) {
            throw new DomainException('This take cannot be prepared again: it is ready, or nothing of it was kept.');
        }
        $this->prepare($take, $whole);
    }

    /** Takes that wait to be made ready and that no job is going to make ready. */
    public function prepareForgotten(): int
    {
        $forgotten = Take::query()->where('state', TakeState::Preparing)
            ->get()
            ->reject(static fn (Take $take): bool => Orphans::hasJob($take->id));
        $forgotten->each(fn (Take $take) => $this->prepare($take, self::withoutGap($take)));

        return $forgotten->count();
    }

    /** State and job are stored together or not at all. */
    private function prepare(Take $take, int $pieces): void
    {
        DB::transaction(function () use ($take, $pieces): void {
            $take->update(['state' => TakeState::Preparing, 'trouble' => null, 'events' => $this->events($take, $pieces)]);
            PrepareTake::dispatch($take->id, $pieces);
        });
    }

    /** How many pieces there are up to the first gap. */
    private static function withoutGap(Take $take): int
    {
        $there = array_flip($take->pieceNumbers());
        $whole = 0;
        while (isset($there[$whole])) {
            $whole++;
        }

        return $whole;
    }

    public function choose(Take $take): void
    {
        DB::transaction(static function () use ($take): void {
            Take::query()->where('lesson_id', $take->lesson_id)->where('slide', $take->slide)->update(['chosen' => false]);
            Take::query()->whereKey($take->id)->update(['chosen' => true]);
        });
        $take->refresh();
    }

    public function throwAway(Take $take): void
    {
        $wasChosen = $take->chosen;
        $take->delete();
        Storage::deleteDirectory($take->path(''));
        $next = $wasChosen
            ? Take::query()->where('lesson_id', $take->lesson_id)
                ->where('slide', $take->slide)
                ->where('state', TakeState::Ready)
                ->latest()
                ->first()
            : null;
        if ($next !== null) {
            $this->choose($next);
        }
    }

    /** @return list<array<string, mixed>> */
    private function events(Take $take, int $pieces): array
    {
        $events = [];
        foreach ($take->pieces()->where('number', '<', $pieces)->get() as $piece) {
            array_push($events, ...$piece->events);
        }
        usort($events, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return ContinuedTake::events($take, $events);
    }
}
