<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A clip of which all has been sent. */
final class FinishClipRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            // Nothing where the page that sent it died: what has come is taken, up to the first gap.
            'pieces' => 'nullable|integer|min:0|max:1000000',
        ];
    }
}
