<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Watching\Kept\Keeping;
use Daybright\Lesson\PartKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A lesson for a class. */
final class ShareRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'classroom' => 'required|string|max:24',
            'instructions' => 'nullable|string|max:2000',
            'due' => ['nullable', Rule::requiredIf($this->boolean('answersAfterDue')), 'date_format:Y-m-d'],
            'keeping' => ['sometimes', Rule::enum(Keeping::class)],
            'inAnyOrder' => 'sometimes|boolean',
            'answersAfterDue' => 'sometimes|boolean',
            'parts' => ['sometimes', 'array:'.implode(',', array_column(PartKind::cases(), 'value'))],
            'parts.*' => 'nullable|date_format:Y-m-d',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['due.required' => 'Say by when it is to be done: the answers of the exit check open after that day.'];
    }

    /** @return array<string, mixed> what the class may do, as far as it was said */
    public function allowances(): array
    {
        $given = $this->safe()->only(['keeping', 'inAnyOrder', 'answersAfterDue', 'parts']);
        $names = ['inAnyOrder' => 'in_any_order', 'answersAfterDue' => 'answers_after_due'];

        return array_combine(array_map(static fn (string $name): string => $names[$name] ?? $name, array_keys($given)), $given);
    }
}
