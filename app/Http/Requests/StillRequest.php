<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A picture that is to be taken out of a clip. */
final class StillRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'sha256' => ['required', 'regex:/^[0-9a-f]{64}$/'],
            'at' => 'required|numeric|min:0|max:3600',
            'name' => 'nullable|string|max:300',
        ];
    }
}
