<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A new password, and the one before it. */
final class ChangePasswordRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'current' => 'required|string|max:200',
            'password' => 'required|string|min:10|max:200',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'password.min' => 'A password has at least ten signs. A few words in a row are easy to remember.',
            'password.max' => 'A password has at most 200 signs.',
        ];
    }
}
