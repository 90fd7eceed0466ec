<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Revision;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Revision */
final class KeptVersionResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => (string) $this->id,
            'title' => $this->document->title(),
            'at' => $this->created_at->toIso8601String(),
            'slides' => count($this->document->read()->slides()),
        ];
    }
}
