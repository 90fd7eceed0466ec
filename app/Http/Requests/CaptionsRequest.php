<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file of captions (WebVTT). */
final class CaptionsRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'text' => 'required|string|max:500000',
        ];
    }
}
