<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is looked for in the library. */
final class LibraryRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['words' => 'required|string|max:80'];
    }
}
