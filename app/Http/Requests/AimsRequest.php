<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Watching\AimReached;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a student says of the aims, by their ids. */
final class AimsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['aims' => ['required', 'array', 'max:40'], 'aims.*' => [Rule::enum(AimReached::class)]];
    }
}
