<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Address and password of a teacher. */
final class SignInRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'email' => 'required|string|max:200',
            'password' => 'required|string|max:200',
        ];
    }
}
