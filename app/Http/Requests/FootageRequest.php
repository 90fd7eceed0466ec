<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Recording\Tracks\Footage\Source;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A film that begins. */
final class FootageRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['source' => ['required', Rule::enum(Source::class)]];
    }
}
