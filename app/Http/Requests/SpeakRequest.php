<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A line for the practice voice. */
final class SpeakRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'script' => 'present|nullable|string|max:4000',
            'slide' => 'nullable|string|max:40',
        ];
    }
}
