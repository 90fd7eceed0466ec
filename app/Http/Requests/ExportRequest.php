<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\Formats;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A file of a format that takes long, and what it is wanted like. */
final class ExportRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = ['format' => 'nullable|string|max:40', 'choices' => 'nullable|array'];
        $writer = Formats::writer($this->wanted());
        foreach ($writer === null ? [] : $writer::format()->choices as $choice) {
            $rules["choices.{$choice->name}"] = ['nullable', 'string', Rule::in(array_keys($choice->options))];
        }

        return $rules;
    }

    /** Name of the format. */
    public function wanted(): string
    {
        $format = $this->input('format');

        return is_string($format) && $format !== '' ? $format : 'mp4';
    }

    /** @return array<string, string> */
    public function choices(): array
    {
        return array_filter($this->validated()['choices'] ?? []);
    }
}
