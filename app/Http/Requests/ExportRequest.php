<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file of a format that takes long. */
final class ExportRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'format' => 'nullable|string|max:40',
        ];
    }
}
