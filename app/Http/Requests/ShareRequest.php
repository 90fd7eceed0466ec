<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A lesson for a class. */
final class ShareRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'classroom' => 'required|string|max:24',
            'instructions' => 'nullable|string|max:2000',
            'due' => 'nullable|date_format:Y-m-d',
        ];
    }
}
