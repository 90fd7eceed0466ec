<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/**
 * What is left out of takes of a lesson, what is typed for their words, which departures from the script are wanted,
 * and when what was done happens. Events are moved to milliseconds, all else is in samples.
 */
final class EditingRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'takes' => 'required|array|max:200',
            'takes.*' => 'array:cuts,wordings,kept,moved,cleaned',
            'takes.*.cuts' => 'array|max:500',
            'takes.*.cuts.*.from' => 'required|integer|min:0',
            'takes.*.cuts.*.to' => 'required|integer|min:1',
            'takes.*.wordings' => 'array|max:500',
            'takes.*.wordings.*.from' => 'required|integer|min:0',
            'takes.*.wordings.*.to' => 'required|integer|min:1',
            'takes.*.wordings.*.text' => 'present|nullable|string|max:500',
            'takes.*.moved' => 'array|max:20000',
            'takes.*.moved.*.event' => 'required|integer|min:0|max:20000',
            'takes.*.moved.*.at' => 'present|nullable|numeric',
            'takes.*.cleaned' => 'boolean',
            'takes.*.kept' => 'array|max:500',
            'takes.*.kept.*' => 'integer|min:0',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'takes.*.wordings.*.text.max' => 'At most 500 letters can be typed at once. Mark fewer words, and type those.',
        ];
    }
}
