<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\MomentKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Something that a student asks, notes or tells at a moment of the lesson. */
final class MomentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(MomentKind::class)],
            'at' => ['required', 'numeric', 'min:0', 'max:36000000'],
            'text' => [Rule::requiredIf($this->needsWords(...)), 'nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'text.required' => 'Write something first.',
            'text.max' => 'That is too long. Keep it under 1000 letters.',
        ];
    }

    private function needsWords(): bool
    {
        return MomentKind::tryFrom($this->string('kind')->value())?->hasWords() === true;
    }

    public function kind(): MomentKind
    {
        return MomentKind::from($this->string('kind')->value());
    }

    public function words(): string
    {
        return $this->kind()->hasWords() ? $this->string('text')->trim()->value() : '';
    }
}
