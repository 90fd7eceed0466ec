<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** First names of students. */
final class StudentsRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'names' => 'required|array|max:60',
            'names.*' => 'nullable|string|max:40',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'names.*.max' => 'A first name has at most 40 letters.',
        ];
    }
}
