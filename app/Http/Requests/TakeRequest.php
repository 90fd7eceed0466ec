<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A recording that begins. */
final class TakeRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'slide' => 'required|string|max:40',
            'source' => 'required|in:microphone,practice',
        ];
    }
}
