<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The answers of the exit check. */
final class HandInRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'answers' => 'nullable|array|max:40',
            'answers.*' => 'nullable|string|max:4000',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'answers.*.max' => 'That is too long. Keep it under 4000 letters.',
        ];
    }
}
