<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Answer;
use Illuminate\Foundation\Http\FormRequest;

/** The marks that a teacher gives for an answer. */
final class MarkRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['earned' => 'required|integer|min:0|max:'.$this->marks()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['earned.max' => "This question has {$this->marks()} marks at the most."];
    }

    private function marks(): int
    {
        $answer = $this->route('answer');
        $answer = $answer instanceof Answer ? $answer : Answer::query()->whereKey($answer)->firstOrFail();

        return $answer->out_of;
    }
}
