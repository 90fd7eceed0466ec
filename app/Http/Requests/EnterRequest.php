<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A child of a class with its personal word. */
final class EnterRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:12',
            'student' => 'required|string|max:24',
            'word' => 'required|string|min:3|max:40',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'word.*' => 'Your personal word needs at least three letters.',
        ];
    }
}
