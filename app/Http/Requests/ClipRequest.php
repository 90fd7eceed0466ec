<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A clip that begins to arrive. */
final class ClipRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            // Chosen by the browser, so that asking twice begins one clip.
            'id' => ['required', 'regex:/^[a-z0-9]{22}$/'],
            'name' => 'required|string|max:300',
            'bytes' => 'required|integer|min:0|max:100000000000',
        ];
    }
}
