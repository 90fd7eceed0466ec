<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How far a student has come, in milliseconds of narration. */
final class PlaceRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'position' => 'required|numeric|min:0|max:7200000',
        ];
    }
}
