<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Answer;
use App\Models\Share;
use App\Models\Visit;
use Daybright\Lesson\Lesson;
use Daybright\Question\Question;
use Daybright\Release\Questions;
use Illuminate\Support\Collection;

/** What one class did with the version of a lesson that it has. */
final readonly class ClassReplies
{
    /**
     * @param  Lesson|null  $lesson null until a version is ready
     * @param  array<string, Question>  $questions in plain words, by block
     * @param  array<string, Question>  $dropped those of earlier versions that students have answered and this one no longer asks
     * @param  Collection<int, Answer>  $answers each with its visit
     */
    private function __construct(
        public Share $share,
        public ?Lesson $lesson,
        public array $questions,
        public array $dropped,
        public Collection $answers,
    ) {
    }

    public static function of(Share $share): self
    {
        $lesson = $share->release?->read();
        $questions = $lesson === null ? [] : Questions::in($lesson);
        $answers = $share->visits->flatMap(static fn (Visit $visit): Collection => $visit->answers->each(
            static fn (Answer $answer): Answer => $answer->setRelation('visit', $visit),
        ))->values();
        $unknown = array_diff_key($answers->keyBy('block')->all(), $questions);

        return new self($share, $lesson, $questions, self::dropped($share, array_keys($unknown)), $answers);
    }

    /**
     * What is kept of a student, their teacher sees: answers stay when a new version asks something else.
     *
     * @param  list<string>  $blocks that were answered
     * @return array<string, Question> as they were asked last, by block
     */
    private static function dropped(Share $share, array $blocks): array
    {
        $dropped = [];
        $earlier = $blocks === [] ? [] : $share->lesson->releases()->reorder()->latest('number')->select('id', 'document')->lazy(5);
        foreach ($earlier as $release) {
            $dropped += array_intersect_key(Questions::in($release->read()), array_flip($blocks));
            if (count($dropped) === count($blocks)) {
                break;
            }
        }

        return $dropped;
    }

    /** @return Collection<int, Answer> */
    public function answersTo(string $block): Collection
    {
        return $this->answers->where('block', $block)->values();
    }

    /** @return list<string> blocks of the questions on slides that serve an aim */
    public function blocksServing(string $aim): array
    {
        $blocks = [];
        foreach ($this->lesson?->slides() ?? [] as $slide) {
            foreach (in_array($aim, $slide->aims, true) ? $slide->blocks : [] as $block) {
                if (isset($this->questions[$block->id])) {
                    $blocks[] = $block->id;
                }
            }
        }

        return $blocks;
    }

    /**
     * Marks of one student, of those questions that are marked.
     *
     * @param  list<string>|null  $blocks null for all
     * @return array{int, int} earned and possible
     */
    public static function marks(Visit $visit, ?array $blocks = null): array
    {
        $marked = $visit->answers->whereNotNull('earned')
            ->filter(static fn (Answer $answer): bool => $blocks === null || in_array($answer->block, $blocks, true));

        return [(int) $marked->sum('earned'), (int) $marked->sum('out_of')];
    }
}
