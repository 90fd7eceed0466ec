<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\IncomingClip;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin IncomingClip */
final class IncomingClipResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'state' => $this->state,
            'progress' => $this->progress,
            'trouble' => $this->trouble,
            'medium' => $this->medium,
            'poster' => $this->poster,
        ];
    }
}
