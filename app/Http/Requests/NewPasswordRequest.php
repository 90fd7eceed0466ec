<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A password by a link. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
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
