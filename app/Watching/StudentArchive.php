<?php

declare(strict_types=1);

namespace App\Watching;

use App\Adapters\Files;
use App\Adapters\WrittenZip;
use App\Models\Answer;
use App\Models\Moment;
use App\Models\Student;
use App\Models\Visit;
use Illuminate\Support\Facades\Storage;

/** Everything that is kept of one child, for the child, its parents, or the next school. */
final class StudentArchive
{
    /** @return string path of a finished temporary file */
    public function write(Student $student): string
    {
        $files = Answer::query()->whereNotNull('file')
            ->whereHas('visit', static fn ($visit) => $visit->where('student_id', $student->id))
            ->pluck('file')
            ->filter(Storage::exists(...))
            ->mapWithKeys(static fn (string $path): array => [$path => Files::local($path)]);

        return WrittenZip::of(['student.json' => json_encode(
            $this->kept($student),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )], $files->all());
    }

    /** @return array<string, mixed> */
    private function kept(Student $student): array
    {
        $visits = Visit::query()->with(['answers', 'moments', 'share.lesson'])
            ->where('student_id', $student->id)
            ->orderBy('created_at')
            ->get();

        return [
            'name' => $student->name,
            'class' => $student->classroom->name,
            'since' => $student->created_at?->toIso8601String(),
            'lessons' => $visits->map(static fn (Visit $visit): array => [
                'title' => $visit->share->lesson->title,
                'opened' => $visit->created_at->toIso8601String(),
                'watchedMilliseconds' => (int) $visit->furthest,
                'handedIn' => $visit->handed_in_at?->toIso8601String(),
                'answers' => $visit->answers->map(static fn (Answer $answer): array => [
                    'question' => $answer->block,
                    'given' => $answer->given,
                    'file' => $answer->file,
                    'asRead' => $answer->readable,
                    'earned' => $answer->earned,
                    'outOf' => $answer->out_of,
                    'markedByTeacher' => $answer->by_teacher,
                    'teachersWords' => $answer->remark,
                    'afterTheHint' => $answer->hinted,
                    'seconds' => $answer->seconds,
                    'earlier' => $answer->earlier ?? [],
                    'classMayRead' => $answer->for_class,
                ])->values()->all(),
                'practised' => $visit->drills ?? [],
                'saysOfAims' => $visit->aims ?? [],
                'moments' => $visit->moments->map(static fn (Moment $moment): array => [
                    'kind' => $moment->kind,
                    'atMilliseconds' => (int) $moment->at,
                    'text' => $moment->text,
                    'teachersReply' => $moment->reply,
                ])->values()->all(),
            ])->values()->all(),
        ];
    }
}
