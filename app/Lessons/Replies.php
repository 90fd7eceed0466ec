<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Answer;
use App\Models\Lesson;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use Daybright\Question\Question;
use Daybright\Release\Questions;
use Daybright\Watching\ItemStatistics;
use Illuminate\Support\Collection;

/** Who opened a lesson, how far they came, what they answered and what went wrong. */
final class Replies
{
    /** @return array<string, mixed> */
    public function of(Lesson $lesson): array
    {
        $shares = $lesson->shares()->with(['classroom.students', 'release', 'visits.student', 'visits.answers'])->get();

        return ['classes' => $shares->map(fn (Share $share): array => $this->share($share))->values()];
    }

    /** @return array<string, mixed> */
    private function share(Share $share): array
    {
        $length = $share->release?->programme['length'] ?? 0;
        $visits = $share->visits->keyBy('student_id');
        $answers = $share->visits->flatMap(static fn (Visit $visit): Collection => $visit->answers->each(
            static fn (Answer $answer): Answer => $answer->setRelation('visit', $visit),
        ));
        $questions = $share->release === null ? [] : Questions::in($share->release->read());

        return [
            'name' => $share->classroom->name,
            'due' => $share->due,
            'students' => $share->classroom->students->map(static function (Student $student) use ($visits, $length): array {
                $visit = $visits->get($student->id);

                return [
                    'name' => $student->name,
                    'opened' => $visit?->created_at?->toIso8601String(),
                    'share' => $visit === null || $length <= 0 ? 0 : round(min(1, $visit->furthest / $length), 3),
                    'handedIn' => $visit?->handed_in_at?->toIso8601String(),
                    'earned' => (int) $visit?->answers->sum('earned'),
                    'outOf' => (int) $visit?->answers->sum('out_of'),
                ];
            })->values(),
            'questions' => array_map(
                fn (string $block, Question $question): array => $this->question(
                    $block,
                    $question,
                    $answers->where('block', $block)->values(),
                ),
                array_keys($questions),
                $questions,
            ),
        ];
    }

    /**
     * @param  Collection<int, Answer>  $answers
     * @return array<string, mixed>
     */
    private function question(string $block, Question $question, Collection $answers): array
    {
        $marked = $answers->whereNotNull('earned');
        $wrong = $marked->filter(static fn (Answer $answer): bool => $answer->earned < $answer->out_of);

        return [
            'block' => $block,
            'prompt' => $question->prompt,
            'readByTeacher' => $question->isReadByTeacher(),
            'answer' => $question->answer(),
            'marks' => $question->marks,
            'facility' => ItemStatistics::facility(array_values(
                $marked->map(static fn (Answer $answer): array => [(int) $answer->earned, $answer->out_of])->all(),
            )),
            'right' => $marked->count() - $wrong->count(),
            'wrong' => $wrong->count(),
            'commonest' => $question->isReadByTeacher() ? null : self::commonest($question, $wrong),
            'toMark' => $answers->whereNull('earned')->count(),
            'answers' => $answers->map(static fn (Answer $answer): array => [
                'id' => $answer->id,
                'student' => $answer->visit->student->name,
                'given' => $answer->readable,
                'slip' => $answer->earned === $answer->out_of ? null : $question->slip($answer->given),
                'earned' => $answer->earned,
                'outOf' => $answer->out_of,
            ])->sortBy('student')->values(),
        ];
    }

    /**
     * The wrong answer that came most often, with the slip that gives it, where one is known.
     *
     * @param  Collection<int, Answer>  $wrong
     * @return array<string, mixed>|null
     */
    private static function commonest(Question $question, Collection $wrong): ?array
    {
        $commonest = ItemStatistics::commonestWrong(array_values(
            $wrong->map(static fn (Answer $answer): string => $answer->readable)->all(),
        ));
        if ($commonest === null) {
            return null;
        }
        $given = $wrong->firstWhere('readable', $commonest['answer'])?->given;

        return $commonest + ['slip' => $given === null ? null : $question->slip($given)];
    }
}
