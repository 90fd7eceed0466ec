<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Answer;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Lesson;
use Daybright\Question\GivenAsFile;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Question;
use Daybright\Release\MeasuredPlot;
use Daybright\Release\Questions;
use Daybright\Watching\SealedRanges;
use DomainException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;

/** One student's way through a lesson: where they are, what they answered, what they handed in. */
final class StudentVisit
{
    /** A lesson is played at twice its speed at the most. */
    private const FASTEST = 2.0;

    /** Milliseconds by which two reports may lie closer together than what was played between them. */
    private const SLACK = 6000.0;

    /** Seconds by which a page's clock may be ahead. */
    private const EARLY = 1;

    public function __construct(private readonly MeasuredPlot $plots)
    {
    }

    public function open(Share $share, Student $student): Visit
    {
        return self::of(Visit::query()->firstOrCreate(['share_id' => $share->id, 'student_id' => $student->id]), $share, $student);
    }

    /** To look only: where nothing can be written, the lesson is shown all the same. */
    public function look(Share $share, Student $student): Visit
    {
        try {
            return $this->open($share, $student);
        } catch (QueryException $error) {
            report($error);
            $visit = new Visit(['share_id' => $share->id, 'student_id' => $student->id]);

            return self::of($visit, $share, $student)->setRelation('answers', $visit->newCollection());
        }
    }

    /** What is known already is not asked for again. */
    private static function of(Visit $visit, Share $share, Student $student): Visit
    {
        return $visit->setRelation('share', $share)->setRelation('student', $student);
    }

    /**
     * Watched is what was played: a report cannot be further on than the time since the one before allows.
     *
     * @param  float  $position milliseconds of narration
     */
    public function place(Visit $visit, float $position): void
    {
        $since = abs(($visit->placed_at ?? $visit->created_at)->diffInMilliseconds(now()));
        $reach = ($visit->furthest ?? 0) + $since * self::FASTEST + self::SLACK;
        $visit->update(['position' => $position, 'furthest' => max($visit->furthest ?? 0, min($position, $reach)), 'placed_at' => now()]);
    }

    /**
     * An answer at a pause point is marked at once, and the first one stays, unless the teacher sends it back; one to the exit check may
     * be changed until it is handed in.
     *
     * @param  bool  $hinted whether the hint was read before
     * @param  int|null  $seconds from when it was asked
     * @return array<string, mixed>
     */
    public function answer(Visit $visit, string $block, string $given, bool $hinted = false, ?int $seconds = null): array
    {
        return DB::transaction(function () use ($visit, $block, $given, $hinted, $seconds): array {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            $lesson = $visit->share->version()->read();

            return $this->keep($visit, $lesson, $block, $given, ['hinted' => $hinted, 'seconds' => $seconds]);
        });
    }

    /**
     * The same, of what was spoken or drawn.
     *
     * @param  string  $source path of what was sent
     * @return array<string, mixed>
     */
    public function answerWithFile(Visit $visit, string $block, string $source, bool $hinted, ?int $seconds): array
    {
        $version = $visit->share->version();
        $kind = (Questions::in($version->read())[$block] ?? null)?->file()
            ?? throw new DomainException('This question is answered in another way. Load the page again.');
        $file = AnswerFile::keep($kind, $source, static fn (): ?AskedSlide => AskedSlide::of($version, $block));

        return DB::transaction(function () use ($visit, $block, $file, $hinted, $seconds): array {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            $how = ['hinted' => $hinted, 'seconds' => $seconds, 'file' => $file->path];

            return $this->keep($visit, $visit->share->version()->read(), $block, $file->given, $how);
        });
    }

    /** A question is seen for the first time: from then on its time runs. */
    public function ask(Visit $visit, string $block): void
    {
        DB::transaction(static function () use ($visit, $block): void {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            $visit->update(['asked' => ($visit->asked ?? []) + [$block => now()->getTimestamp()]]);
        });
    }

    /**
     * The answer is shown without one, once the time has passed that the teacher set.
     *
     * @return array<string, mixed>
     */
    public function giveUp(Visit $visit, string $block): array
    {
        return DB::transaction(function () use ($visit, $block): array {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            $lesson = $visit->share->version()->read();
            $question = Questions::in($lesson)[$block] ?? null;
            $since = $visit->asked[$block] ?? null;
            if ($question?->showAfter === null || in_array($block, Questions::inExitCheck($lesson), true)) {
                throw new DomainException('Write an answer first, even a guess.');
            }
            $left = $since === null ? $question->showAfter : $question->showAfter - (now()->getTimestamp() - $since);
            if ($left > self::EARLY) {
                throw new DomainException("Try a little longer: the answer can be seen in {$left} seconds.");
            }
            $answer = $visit->answers()->where('block', $block)->first() ?? $visit->answers()->create([
                'block' => $block,
                'given' => '',
                'readable' => 'looked at the answer',
                'earned' => 0,
                'out_of' => $question->marks,
                'gave_up' => true,
            ]);

            return $this->shownAnswer($lesson, $answer, $question, true);
        });
    }

    /**
     * All of the check is handed in at once, with what was still being written: nothing can come in between or afterwards.
     *
     * @param  array<string, string>  $given answers by block, as they stand on the student's page
     */
    public function handIn(Visit $visit, array $given = []): void
    {
        DB::transaction(function () use ($visit, $given): void {
            $visit = Visit::query()->lockForUpdate()->findOrFail($visit->id);
            if ($visit->handed_in_at !== null) {
                return;
            }
            $lesson = $visit->share->version()->read();
            $asked = Questions::inExitCheck($lesson);
            $questions = Questions::in($lesson);
            array_map(static fn (string $block) => self::refuseClosed($visit, $block), $asked);
            foreach (array_intersect_key($given, array_flip($asked)) as $block => $text) {
                if (trim($text) !== '' && $questions[$block]->file() === null) {
                    $this->keep($visit, $lesson, $block, $text);
                }
            }
            $there = $visit->answers()->whereIn('block', $asked)->pluck('block')->all();
            $blank = count(array_diff($asked, $there));
            if ($blank > 0) {
                throw new DomainException(
                    $blank === 1
                        ? 'One question of the exit check has no answer yet. Answer it, even with a guess.'
                        : "{$blank} questions of the exit check have no answer yet. Answer them, even with a guess.",
                );
            }
            $visit->update(['handed_in_at' => now()]);
        });
    }

    /** @return array<string, mixed> */
    public function shown(Visit $visit): array
    {
        $lesson = $visit->share->version()->read();
        $questions = Questions::in($lesson);
        $exitCheck = Questions::inExitCheck($lesson);
        $answers = [];
        foreach ($visit->answers as $answer) {
            if (isset($questions[$answer->block])) {
                $open = in_array($answer->block, $exitCheck, true) && ! $visit->isCompared();
                $answers[$answer->block] = $this->shownAnswer($lesson, $answer, $questions[$answer->block], ! $open);
            }
        }

        return [
            'position' => $visit->position ?? 0,
            'handedIn' => $visit->handed_in_at !== null,
            'answers' => $answers ?: new stdClass,
            'aims' => $visit->aims ?: new stdClass,
            'moments' => VisitMoments::shown($visit),
        ];
    }

    /**
     * @param  array<string, mixed>  $how it came about
     * @return array<string, mixed>
     */
    private function keep(Visit $visit, Lesson $lesson, string $block, string $given, array $how = []): array
    {
        $question = Questions::in($lesson)[$block] ?? throw new DomainException(
            'This question is no longer in the lesson. Load the page again.',
        );
        if ($question->file() !== null && ! isset($how['file'])) {
            throw new DomainException($question->file() === GivenAsFile::SOUND ? 'Record your answer first.' : 'Draw your answer first, or choose a photo of it.');
        }
        self::refuseClosed($visit, $block);
        $isExitCheck = in_array($block, Questions::inExitCheck($lesson), true);
        $before = $visit->answers()->where('block', $block)->first();
        $again = $before?->again === true;
        if ($isExitCheck && $visit->handed_in_at !== null && ! $again) {
            throw new DomainException('The exit check is handed in already and cannot be changed.');
        }
        if (! $isExitCheck && $before !== null && ! $again) {
            return $this->shownAnswer($lesson, $before, $question, true);
        }
        // Of practising the server itself has seen what was done; another try begins anew.
        $given = $question->practised() === null ? $given : Drill::end($visit, $block);
        $marking = $question->mark($given);
        $answer = $visit->answers()->updateOrCreate(['block' => $block], [
            'given' => $given,
            'readable' => Str::limit($question->readable($given), 3900),
            'earned' => $marking->earned,
            'out_of' => $marking->outOf,
            ...$how,
            ...$again ? self::afterwards($before) : [],
        ]);

        return $this->shownAnswer($lesson, $answer, $question, ! $isExitCheck || $visit->isCompared());
    }

    private static function refuseClosed(Visit $visit, string $block): void
    {
        $opening = $visit->share->opening();
        $open = $opening->closed === [] ? null : SealedRanges::open($visit->share->version()->outline(), $opening);
        if ($open !== null && ! in_array($block, array_column($open, 'block'), true)) {
            throw new DomainException('This part of the lesson is not open yet.');
        }
    }

    /** @return array<string, mixed> what becomes of an answer that was sent back and is given anew */
    private static function afterwards(Answer $before): array
    {
        return [
            'again' => false,
            'by_teacher' => false,
            'gave_up' => false,
            'remark' => null,
            'earned_points' => null,
            'earlier' => [...$before->earlier ?? [], [
                'given' => $before->readable,
                'earned' => $before->earned,
                'outOf' => $before->out_of,
                'remark' => $before->remark,
            ]],
        ];
    }

    /** @return array<string, mixed> */
    private function shownAnswer(Lesson $lesson, Answer $answer, Question $question, bool $withModel): array
    {
        if (! $withModel) {
            return ['given' => $answer->given, 'readable' => $answer->readable, ...self::fileOf($answer)];
        }

        return [
            'given' => $answer->given,
            'readable' => $answer->readable,
            'earned' => $answer->earned,
            'outOf' => $answer->out_of,
            'model' => PlainWords::read($question->answer()),
            'sentence' => self::sentence($answer, $question),
            'plot' => $this->plots->draw($lesson, $answer->block, $answer->given),
            'remark' => $answer->remark,
            'again' => $answer->again,
            'others' => self::others($answer),
            ...self::fileOf($answer),
        ];
    }

    /** @return array{file?: string} where what was spoken or drawn is had */
    private static function fileOf(Answer $answer): array
    {
        // Another try is another file, which no browser takes for the one before.
        return $answer->file === null
            ? []
            : ['file' => WatchedLesson::address($answer->visit)."/answers/{$answer->block}/file?v=".substr(sha1($answer->file), 0, 8)];
    }

    /** @return list<string> what others of the class answered, as far as the teacher lets it be read, and by nobody's name */
    private static function others(Answer $answer): array
    {
        $others = Answer::query()->where('block', $answer->block)->where('for_class', true)->whereKeyNot($answer->id)
            ->whereHas('visit', static fn ($visit) => $visit->where('share_id', $answer->visit->share_id))
            ->orderBy('id')
            ->pluck('readable');

        return array_values($others->map(strval(...))->unique()->all());
    }

    /** What was said of a slip is said again whenever the page is opened. */
    private static function sentence(Answer $answer, Question $question): string
    {
        if ($answer->gave_up) {
            return 'Compare it with what you thought.';
        }
        if ($answer->by_teacher && $answer->earned !== null) {
            return "Your teacher gave {$answer->earned} of {$answer->out_of}.";
        }
        try {
            return $question->mark($answer->given)->sentence;
        } catch (InvalidAnswer) {
            return $answer->earned === $answer->out_of ? 'That is right.' : 'Not yet. Look at the answer and compare.';
        }
    }
}
