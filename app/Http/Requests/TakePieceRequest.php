<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A piece of a recording with what was done in it. */
final class TakePieceRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'events' => 'nullable|string|max:4000000',
            'sha256' => 'required|string|max:64',
        ];
    }
}
