<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is known and asked, and the formulas to choose from. */
final class ChooseFormulaRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'sheet' => 'present|array|max:80',
            'sheet.*.formula' => 'required|string|max:120',
            'sheet.*.names' => 'present|array|max:10',
            'known' => 'present|array|max:12',
            'known.*' => 'string|max:20',
            'asked' => 'present|nullable|string|max:20',
        ];
    }
}
