<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An item that is practised. */
final class DrillRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['level' => 'required|integer|min:1|max:3', 'given' => 'nullable|string|max:200'];
    }
}
