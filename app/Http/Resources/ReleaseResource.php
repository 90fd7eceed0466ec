<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Release;
use App\Models\ReleaseState;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Release */
final class ReleaseResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'number' => $this->number,
            'state' => $this->state ?? ReleaseState::Making,
            'trouble' => $this->trouble,
            'at' => $this->created_at->toIso8601String(),
            'minutes' => round(($this->programme['length'] ?? 0) / 60000, 1),
            'full' => round(($this->programme['full'] ?? 0) / 60000, 1),
        ];
    }
}
