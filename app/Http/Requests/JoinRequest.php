<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The code of a class. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'code' => 'required|string|max:12',
        ];
    }
}
