<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file that a lesson is in. */
final class LessonFileRequest extends FormRequest
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
            'file.*' => 'Choose a lesson archive of at most 300 MB.',
        ];
    }
}
