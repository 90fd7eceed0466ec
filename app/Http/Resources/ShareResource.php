<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Share;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use stdClass;

/** @mixin Share */
final class ShareResource extends JsonResource
{
    public static $wrap;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'classroom' => $this->classroom_id,
            'name' => $this->classroom->name,
            'code' => $this->classroom->code,
            'instructions' => $this->instructions ?? '',
            'due' => $this->due ?? '',
            'keeping' => $this->keeping->value,
            'inAnyOrder' => $this->in_any_order,
            'answersAfterDue' => $this->answers_after_due,
            'parts' => $this->parts ?: new stdClass,
            'overview' => $this->overview_id,
            'ready' => $this->release_id !== null,
        ];
    }
}
