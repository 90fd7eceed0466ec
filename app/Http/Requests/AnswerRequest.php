<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An answer to a question. */
final class AnswerRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'given' => 'present|nullable|string|max:4000',
            'hinted' => 'boolean',
            'seconds' => 'nullable|integer|min:0|max:86400',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'given.max' => 'That is too long. Keep it under 4000 letters.',
        ];
    }
}
