<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a teacher replies to a question that a student asked in the lesson; nothing takes it back. */
final class MomentReplyRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['reply' => 'nullable|string|max:1000'];
    }
}
