<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Answer;
use App\Models\Lesson;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;

/** Marks and words that a teacher gives for one answer, or for several to the same question. */
final class MarkRequest extends FormRequest
{
    /** @var Collection<int, Answer>|null */
    private ?Collection $answers = null;

    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'answers' => 'required|array|min:1|max:200',
            'answers.*' => 'string',
            'earned' => 'sometimes|nullable|integer|min:0|max:'.($this->answers()->min('out_of') ?? 0),
            'points' => 'sometimes|array|max:8',
            'points.*' => 'string|max:40',
            'remark' => 'sometimes|nullable|string|max:1000',
            'again' => 'sometimes|boolean',
            'forClass' => 'sometimes|boolean',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'earned.max' => "This question has {$this->answers()->min('out_of')} marks at the most.",
            'remark.max' => 'That is too long. Keep it under 1000 letters.',
        ];
    }

    /** @return Collection<int, Answer> those of this lesson; others are not found */
    public function answers(): Collection
    {
        $lesson = $this->route('lesson');
        $ids = array_filter((array) $this->input('answers'), is_string(...));

        return $this->answers ??= Answer::query()
            ->whereKey($ids)
            ->whereHas('visit.share', static fn ($share) => $share->where('lesson_id', $lesson instanceof Lesson ? $lesson->id : $lesson))
            ->get();
    }

    /** @return array<string, mixed> what changes of each answer */
    public function change(): array
    {
        $given = $this->validated();
        $change = array_intersect_key($given, ['remark' => true, 'again' => true]);
        if (array_key_exists('earned', $given)) {
            $change += ['earned' => $given['earned'], 'by_teacher' => $given['earned'] !== null];
        }
        if (array_key_exists('forClass', $given)) {
            $change['for_class'] = $given['forClass'];
        }
        if (array_key_exists('points', $given)) {
            $change['earned_points'] = $given['points'];
        }

        return $change;
    }
}
