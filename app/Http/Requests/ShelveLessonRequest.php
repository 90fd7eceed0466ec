<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is changed of a lesson on Home. */
final class ShelveLessonRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'title' => 'sometimes|required|string|max:200',
            'series' => 'sometimes|nullable|string|max:24',
            'by' => 'sometimes|integer|in:-1,1',
            'putAway' => 'sometimes|boolean',
        ];
    }
}
