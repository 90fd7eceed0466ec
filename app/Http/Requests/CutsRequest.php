<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is left out of a take, in samples. */
final class CutsRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'cuts' => 'present|array|max:500',
            'cuts.*.from' => 'required|integer|min:0',
            'cuts.*.to' => 'required|integer|min:1',
        ];
    }
}
