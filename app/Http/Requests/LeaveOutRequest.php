<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Whether a film is left out of the lesson. */
final class LeaveOutRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['leftOut' => 'required|boolean'];
    }
}
