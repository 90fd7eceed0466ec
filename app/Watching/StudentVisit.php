<?php

namespace App\Watching;

use App\Lessons\ProgrammeView;
use App\Models\Answer;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use Daybright\Block\Blocks;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Question\Question;
use DomainException;
use Illuminate\Support\Str;

/** One student's way through a lesson: where they are, what they answered, what they handed in. */
final class StudentVisit
{
    public function open(Share $share, Student $student): Visit
    {
        return Visit::query()->firstOrCreate(['share_id' => $share->id, 'student_id' => $student->id]);
    }

    /** @param  float  $position milliseconds of narration */
    public function place(Visit $visit, float $position): void
    {
        $visit->update(['position' => $position, 'furthest' => max($visit->furthest ?? 0, $position)]);
    }

    /**
     * An answer at a pause point is marked at once and stays; one to the exit check may be changed until it is handed in.
     *
     * @return array<string, mixed>
     */
    public function answer(Visit $visit, string $block, string $given): array
    {
        $lesson = $visit->share->release->read();
        $question = ProgrammeView::questions($lesson)[$block] ?? throw new DomainException('This question is no longer in the lesson. Load the page again.');
        $exitCheck = in_array($block, self::exitCheck($lesson), true);
        $before = $visit->answers()->where('block', $block)->first();
        if ($exitCheck && $visit->handed_in_at !== null) {
            throw new DomainException('The exit check is handed in already and cannot be changed.');
        }
        if (! $exitCheck && $before !== null) {
            return self::shownAnswer($before, $question, true);
        }
        $marking = $question->mark($given);
        $answer = $visit->answers()->updateOrCreate(['block' => $block], [
            'given' => $given,
            'readable' => Str::limit($question->readable($given), 3900),
            'earned' => $marking->earned,
            'out_of' => $marking->outOf,
        ]);

        return self::shownAnswer($answer, $question, ! $exitCheck, $marking->sentence);
    }

    public function handIn(Visit $visit): void
    {
        if ($visit->handed_in_at !== null) {
            return;
        }
        $asked = self::exitCheck($visit->share->release->read());
        $there = $visit->answers()->whereIn('block', $asked)->pluck('block')->all();
        $blank = count(array_diff($asked, $there));
        if ($blank > 0) {
            throw new DomainException($blank === 1 ? 'One question of the exit check has no answer yet. Answer it, even with a guess.' : "{$blank} questions of the exit check have no answer yet. Answer them, even with a guess.");
        }
        $visit->update(['handed_in_at' => now()]);
    }

    /** @return array<string, mixed> */
    public function shown(Visit $visit): array
    {
        $lesson = $visit->share->release->read();
        $questions = ProgrammeView::questions($lesson);
        $exitCheck = self::exitCheck($lesson);
        $answers = [];
        foreach ($visit->answers as $answer) {
            if (isset($questions[$answer->block])) {
                $open = in_array($answer->block, $exitCheck, true) && $visit->handed_in_at === null;
                $answers[$answer->block] = self::shownAnswer($answer, $questions[$answer->block], ! $open);
            }
        }

        return ['position' => $visit->position ?? 0, 'handedIn' => $visit->handed_in_at !== null, 'answers' => $answers ?: new \stdClass];
    }

    /** @return list<string> block ids of the exit check's questions */
    private static function exitCheck(Lesson $lesson): array
    {
        $blocks = [];
        foreach ($lesson->mainSlides() as $slide) {
            foreach ($slide->part === PartKind::ExitCheck ? $slide->blocks : [] as $block) {
                if (Blocks::questionOf($block) !== null) {
                    $blocks[] = $block->id;
                }
            }
        }

        return $blocks;
    }

    /** @return array<string, mixed> */
    private static function shownAnswer(Answer $answer, Question $question, bool $withModel, ?string $sentence = null): array
    {
        if (! $withModel) {
            return ['given' => $answer->given, 'readable' => $answer->readable];
        }
        $sentence ??= match (true) {
            $answer->earned === null => 'Your teacher will read this. Compare it with the answer.',
            $answer->earned === $answer->out_of => 'That is right.',
            $answer->by_teacher => "Your teacher gave {$answer->earned} of {$answer->out_of}.",
            default => 'Not yet. Look at the answer and compare.',
        };

        return ['given' => $answer->given, 'readable' => $answer->readable, 'earned' => $answer->earned, 'outOf' => $answer->out_of, 'model' => $question->answer(), 'sentence' => $sentence];
    }
}
