<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Footage;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\TakeAudio;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Take */
final class TakeResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'slide' => $this->slide,
            'source' => $this->source,
            'state' => $this->state,
            'chosen' => $this->chosen,
            'length' => $this->length,
            'cuts' => $this->cuts ?? [],
            'wordings' => $this->wordings ?? [],
            'kept' => $this->kept ?? [],
            'moved' => $this->moved ?? [],
            'cleaned' => $this->cleaned,
            'wordsAwaited' => $this->words_awaited,
            'events' => $this->movedEvents(),
            'waveform' => $this->waveform ?? [],
            'loudness' => $this->loudness,
            'pieces' => $this->state === TakeState::Recording ? $this->pieces()->count() : 0,
            'trouble' => $this->trouble,
            'footage' => $this->footage->map(static fn (Footage $footage): array => [
                'id' => $footage->id,
                'source' => $footage->source,
                'state' => $footage->state,
                'leftOut' => $footage->left_out,
                'trouble' => $footage->trouble,
            ])->all(),
            'at' => $this->created_at->toIso8601String(),
            'edition' => $this->state === TakeState::Ready ? TakeAudio::edition($this->resource) : '',
        ];
    }
}
