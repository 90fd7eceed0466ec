<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\TakeSource;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A recording that begins. */
final class TakeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slide' => 'required|string|max:40',
            'source' => ['required', Rule::enum(TakeSource::class)],
            'continues' => 'nullable|array:take,at,until',
            'continues.take' => 'required_with:continues|string|max:24',
            'continues.at' => 'required_with:continues|integer|min:0',
            'continues.until' => 'nullable|integer|gt:continues.at',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['continues.until.*' => 'What is said again must end after it begins. Mark it once more.'];
    }
}
