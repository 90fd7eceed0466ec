<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A file that a lesson is in, and where it holds slides, a PDF of the same. */
final class LessonFileRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'file' => 'required|file',
            'pages' => 'nullable|file',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pages.*' => 'Choose a PDF of at most 100 MB.',
            'file.*' => 'Choose a lesson archive of at most 300 MB.',
        ];
    }
}
