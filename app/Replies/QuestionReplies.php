<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Answer;
use Daybright\Question\Item;
use Daybright\Question\Question;
use Daybright\Watching\AnswerGroup;
use Daybright\Watching\AnswerGroups;
use Daybright\Watching\Discrimination;
use Daybright\Watching\ItemStatistics;
use Daybright\Watching\Likeness;
use Illuminate\Support\Collection;

/** How each question went: who was right and when, which wrong answers came, and whether it tells strong from weak. */
final class QuestionReplies
{
    /** @return list<array<string, mixed>> in the order in which they are asked, and last those that are no longer asked */
    public static function show(ClassReplies $replies): array
    {
        $all = $replies->questions + $replies->dropped;

        return array_map(
            static fn (string $block, Question $question): array => self::question($replies, $block, $question),
            array_keys($all),
            $all,
        );
    }

    /** @return array<string, mixed> */
    private static function question(ClassReplies $replies, string $block, Question $question): array
    {
        $answers = $replies->answersTo($block);
        $marked = $answers->whereNotNull('earned');
        $right = $marked->filter(static fn (Answer $answer): bool => $answer->earned === $answer->out_of);
        $discrimination = self::discrimination($marked);

        return [
            'block' => $block,
            'prompt' => $question->prompt,
            'isAsked' => isset($replies->questions[$block]),
            'readByTeacher' => $question->isReadByTeacher(),
            'answer' => $question->answer(),
            'marks' => $question->marks,
            'file' => $question->file(),
            'markPoints' => array_map(static fn (Item $point): array => $point->asked(), $question->markPoints()),
            'facility' => ItemStatistics::facility(array_values(
                $marked->map(static fn (Answer $answer): array => [(int) $answer->earned, $answer->out_of])->all(),
            )),
            'discrimination' => $discrimination === null
                ? null
                : ['coefficient' => round($discrimination->coefficient, 2), 'sentence' => $discrimination->sentence()],
            'rightAtOnce' => $right->where('hinted', false)->whereNull('earlier')->count(),
            'rightAfterHint' => $right->where('hinted', true)->whereNull('earlier')->count(),
            'rightLater' => $right->whereNotNull('earlier')->count(),
            'wrong' => $marked->count() - $right->count(),
            'seconds' => $answers->whereNotNull('seconds')->median('seconds'),
            'wrongAnswers' => $question->isReadByTeacher() ? [] : self::wrongAnswers($question, $marked),
            'toMark' => $answers->whereNull('earned')->count(),
            'answers' => $answers->map(static fn (Answer $answer): array => self::answer($question, $answer))->sortBy('student')->values(),
            'together' => $question->isReadByTeacher() ? self::together($question, $answers) : [],
        ];
    }

    /** @return array<string, mixed> */
    private static function answer(Question $question, Answer $answer): array
    {
        return [
            'id' => $answer->id,
            'student' => $answer->visit->student->name,
            'given' => $answer->readable,
            'slip' => $answer->earned === $answer->out_of ? null : $question->slip($answer->given),
            'earned' => $answer->earned,
            'outOf' => $answer->out_of,
            'hinted' => $answer->hinted,
            'points' => $answer->earned_points ?? [],
            'remark' => $answer->remark,
            'again' => $answer->again,
            'forClass' => $answer->for_class,
            'file' => $answer->file === null ? null : "/api/lessons/{$answer->visit->share->lesson_id}/answers/{$answer->id}/file",
            'earlier' => $answer->earlier ?? [],
        ];
    }

    /**
     * An item against the rest of the test: its own marks would speak for themselves.
     *
     * @param  Collection<int, Answer>  $marked
     */
    private static function discrimination(Collection $marked): ?Discrimination
    {
        $pairs = [];
        foreach ($marked as $answer) {
            [$earned, $possible] = ClassReplies::marks($answer->visit);
            $others = $possible - $answer->out_of;
            if ($others > 0 && $answer->out_of > 0) {
                $pairs[] = [$answer->earned / $answer->out_of, ($earned - $answer->earned) / $others];
            }
        }

        return Discrimination::between($pairs);
    }

    /**
     * Each wrong answer with the slip that gives it, where one is known, and who gave it.
     *
     * @param  Collection<int, Answer>  $marked
     * @return list<array{answer: string, count: int, slip: string|null, students: list<string>}> the commonest first
     */
    private static function wrongAnswers(Question $question, Collection $marked): array
    {
        $wrong = [];
        foreach ($marked->sortBy('visit.student.name') as $answer) {
            if ($answer->earned < $answer->out_of) {
                $key = mb_strtolower(trim($answer->readable));
                $wrong[$key] ??= ['answer' => $answer->readable, 'count' => 0, 'slip' => $question->slip($answer->given), 'students' => []];
                $wrong[$key]['count']++;
                $wrong[$key]['students'][] = $answer->visit->student->name;
            }
        }
        usort($wrong, static fn (array $one, array $other): int => $other['count'] <=> $one['count']);

        return $wrong;
    }

    /**
     * @param  Collection<int, Answer>  $answers
     * @return list<array{likeness: string, answers: list<string>}>
     */
    private static function together(Question $question, Collection $answers): array
    {
        $texts = $answers->sortBy('visit.student.name')->pluck('readable', 'id')->all();
        if ($question->file() !== null) {
            // What was said or drawn is nobody else's, however it is named.
            return array_map(
                static fn (string $id): array => ['likeness' => Likeness::Single->value, 'answers' => [$id]],
                array_keys($texts),
            );
        }

        return array_map(
            static fn (AnswerGroup $group): array => ['likeness' => $group->likeness->value, 'answers' => $group->answers],
            AnswerGroups::find($texts),
        );
    }
}
