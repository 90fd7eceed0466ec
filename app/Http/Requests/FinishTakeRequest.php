<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How many pieces a recording has. */
final class FinishTakeRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'pieces' => 'nullable|integer|min:0|max:20000',
        ];
    }
}
