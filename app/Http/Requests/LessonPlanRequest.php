<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Deck\Shapes;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** What a new lesson begins with. */
final class LessonPlanRequest extends FormRequest
{
    /** @return array<string, string|list<string|In>> */
    public function rules(): array
    {
        return [
            'title' => 'required|string|max:200',
            'subject' => 'nullable|string|max:100',
            'className' => 'nullable|string|max:100',
            'minutes' => 'nullable|numeric|min:1|max:90',
            'series' => 'nullable|string|max:24',
            'newSeries' => 'nullable|string|max:200',
            'shape' => ['nullable', 'string', Rule::in(Shapes::names())],
        ];
    }
}
