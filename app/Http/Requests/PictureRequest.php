<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A picture file. */
final class PictureRequest extends FormRequest
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
