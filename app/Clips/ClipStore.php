<?php

declare(strict_types=1);

namespace App\Clips;

use App\Jobs\Orphans;
use App\Jobs\PrepareClip;
use App\Models\ClipState;
use App\Models\IncomingClip;
use App\Models\User;
use DomainException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Takes clips in piece by piece, so that a connection that drops costs one piece and no more. */
final class ClipStore
{
    /** Bytes of one piece. */
    public const PIECE = 512 * 1024;

    /** Room for what one teacher is sending at a time. */
    private const MOST_AT_ONCE = 20;

    /** @return int bytes of the largest clip */
    public static function largest(): int
    {
        return config('daybright.largest_clip');
    }

    /** @throws DomainException when it is too large, or belongs to somebody else */
    public function begin(User $teacher, string $id, string $name, int $bytes): IncomingClip
    {
        if ($bytes > self::largest()) {
            throw new DomainException(self::tooLarge());
        }
        $clip = IncomingClip::query()->find($id);
        if ($clip !== null && $clip->user_id !== $teacher->id) {
            throw new DomainException('This clip is being sent by somebody else. Choose it again.');
        }
        $arriving = IncomingClip::query()->where('user_id', $teacher->id)->where('state', ClipState::Arriving);
        if ($clip === null && $arriving->count() >= self::MOST_AT_ONCE) {
            throw new DomainException('Many clips are on their way already. Wait until some have arrived.');
        }

        return $clip ?? IncomingClip::query()->create(['id' => $id, 'user_id' => $teacher->id, 'name' => mb_substr($name, 0, 200)]);
    }

    /**
     * Sending a piece twice changes nothing.
     *
     * @throws DomainException when it was damaged, or the clip becomes too large with it
     */
    public function piece(IncomingClip $clip, int $number, string $bytes, string $sha256): void
    {
        if ($clip->state !== ClipState::Arriving) {
            return;
        }
        if ($number >= self::mostPieces()) {
            throw new DomainException(self::tooLarge());
        }
        $clip->pieces()->put($number, $bytes, $sha256, 'clip');
    }

    /**
     * @param  int|null  $pieces how many there should be; null takes what has come, up to the first gap
     * @return list<int> the numbers of the pieces that are missing; empty when the clip is being made ready
     *
     * @throws DomainException when nothing of it has arrived, or too much
     */
    public function finish(IncomingClip $clip, ?int $pieces): array
    {
        if ($clip->state !== ClipState::Arriving) {
            return [];
        }
        $pieces ??= $clip->pieces()->withoutGap();
        if ($pieces === 0) {
            throw new DomainException('Nothing of this clip arrived. Choose or film it again.');
        }
        if ($pieces > self::mostPieces()) {
            throw new DomainException(self::tooLarge());
        }
        $missing = $clip->pieces()->missing($pieces);
        if ($missing === []) {
            DB::transaction(static function () use ($clip, $pieces): void {
                $clip->update(['state' => ClipState::Preparing, 'pieces' => $pieces]);
                PrepareClip::dispatch($clip->id);
            });
        }

        return $missing;
    }

    /** Stops whatever is done with it; what has become a medium stays one. */
    public function forget(IncomingClip $clip): void
    {
        $clip->delete();
        Storage::deleteDirectory($clip->folder());
    }

    /** Clips that wait to be made ready and that no job is going to make ready. */
    public function prepareForgotten(): int
    {
        $forgotten = IncomingClip::query()->where('state', ClipState::Preparing)->pluck('id')->reject(Orphans::hasJob(...));
        $forgotten->each(static fn (string $id) => PrepareClip::dispatch($id));

        return $forgotten->count();
    }

    /** Clips that nobody asked for any more. */
    public function clearAbandoned(int $days): void
    {
        IncomingClip::query()->where('updated_at', '<', now()->subDays($days))->get()->each($this->forget(...));
    }

    private static function mostPieces(): int
    {
        return intdiv(self::largest(), self::PIECE) + 1;
    }

    private static function tooLarge(): string
    {
        return 'This clip is larger than '.intdiv(self::largest(), 1_000_000).' MB. Make it shorter and choose it again.';
    }
}
