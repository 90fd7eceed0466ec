<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The version that something is done to. */
final class VersionRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'version' => 'required|integer',
        ];
    }
}
