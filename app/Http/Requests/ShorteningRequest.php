<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How long pauses may last, in milliseconds, and how many minutes the lesson should take, where that is asked. */
final class ShorteningRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['pause' => 'required|integer|min:200|max:5000', 'minutes' => 'nullable|numeric|min:0.5|max:180'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pause.*' => 'Pauses can be shortened to between 0.2 and 5 seconds.', 'minutes.*' => 'Type between half a minute and 180.'];
    }
}
