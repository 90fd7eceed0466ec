<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file of a medium. */
final class MediaRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'file' => 'required|file',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a picture file first.',
            'file.uploaded' => 'This picture is larger than 8 MB. Make it smaller and choose it again.',
        ];
    }
}
