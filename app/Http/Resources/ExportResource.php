<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Export;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Export */
final class ExportResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'release' => $this->release_id,
            'format' => $this->format,
            'choices' => (object) $this->resource->chosen(),
            'state' => $this->state,
            'progress' => $this->progress ?? 0,
            'bytes' => $this->bytes ?? 0,
            'trouble' => $this->trouble,
        ];
    }
}
