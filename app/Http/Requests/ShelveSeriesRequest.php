<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Deck\Looks;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** What is changed of a series on Home. */
final class ShelveSeriesRequest extends FormRequest
{
    /** @return array<string, string|list<string|In>> */
    public function rules(): array
    {
        return [
            'title' => 'sometimes|required|string|max:200',
            'by' => 'sometimes|integer|in:-1,1',
            'look' => ['sometimes', 'string', Rule::in(Looks::names())],
        ];
    }
}
