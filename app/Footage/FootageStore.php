<?php

declare(strict_types=1);

namespace App\Footage;

use App\Jobs\Orphans;
use App\Jobs\PrepareFootage;
use App\Models\Footage;
use App\Models\Take;
use App\Models\TakeState;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Takes in what is filmed piece by piece, beside the sound of its take. */
final class FootageStore
{
    /** A camera and some windows. */
    private const MOST_OF_A_TAKE = 20;

    public function begin(Take $take, string $id, string $source): Footage
    {
        $footage = Footage::query()->find($id);
        if ($footage !== null && $footage->take_id !== $take->id) {
            throw new DomainException('This film belongs to another recording.');
        }
        if ($footage === null && $take->footage()->count() >= self::MOST_OF_A_TAKE) {
            throw new DomainException('Many films belong to this recording already. Begin a new take.');
        }

        return $footage ?? $take->footage()->create(['id' => $id, 'source' => $source]);
    }

    /** @throws DomainException when it was damaged */
    public function piece(Footage $footage, int $number, string $bytes, string $sha256): void
    {
        if ($footage->state === TakeState::Recording) {
            $footage->folder()->put($number, $bytes, $sha256, 'film');
        }
    }

    /**
     * @param  int|null  $pieces how many there should be; null takes what has come, up to the first gap
     * @return list<int> the numbers of the pieces that are missing; empty when it is being made ready
     */
    public function finish(Footage $footage, ?int $pieces): array
    {
        if ($footage->state !== TakeState::Recording) {
            return [];
        }
        $pieces ??= $footage->folder()->withoutGap();
        $missing = $footage->folder()->missing($pieces);
        if ($missing === []) {
            $this->prepare($footage, $pieces);
        }

        return $missing;
    }

    /** What a browser that died left of the films of a take. */
    public function finishAll(Take $take): void
    {
        $take->footage()->where('state', TakeState::Recording)->get()->each(fn (Footage $footage) => $this->finish($footage, null));
    }

    /** Films that wait to be made ready and that no job is going to make ready. */
    public function prepareForgotten(): int
    {
        $forgotten = Footage::query()->where('state', TakeState::Preparing)->pluck('id')->reject(Orphans::hasJob(...));
        $forgotten->each(static fn (string $id) => PrepareFootage::dispatch($id));

        return $forgotten->count();
    }

    private function prepare(Footage $footage, int $pieces): void
    {
        if ($pieces === 0) {
            $footage->delete();

            return;
        }
        DB::transaction(static function () use ($footage, $pieces): void {
            $footage->update(['state' => TakeState::Preparing, 'pieces' => $pieces]);
            PrepareFootage::dispatch($footage->id);
        });
    }
}
