<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Answer;
use App\Models\Lesson;
use App\Models\Release;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;
use Daybright\Release\Questions;

/** What a version made now changes for students who have begun with the one before. */
final class VersionChanges
{
    /**
     * @return array{
     *     added: list<string>, changed: list<string>, removed: list<string>,
     *     questions: list<array{prompt: string, change: string, answered: int}>,
     * } slides by their titles, questions with the number of students who have answered them
     */
    public static function since(Release $before, Lesson $lesson): array
    {
        $old = $before->read();
        $now = $lesson->document();
        $changed = $now->changedSince($before->document);
        $isNew = static fn (Slide $slide): bool => $old->slide($slide->id) === null;
        $isGone = static fn (Slide $slide): bool => $now->read()->slide($slide->id) === null;

        return [
            'added' => self::named(array_filter($changed, $isNew)),
            'changed' => self::named(array_filter($changed, static fn (Slide $slide): bool => ! $isNew($slide))),
            'removed' => self::named(array_filter($old->slides(), $isGone)),
            'questions' => self::questions($lesson, $old, $now->read()),
        ];
    }

    /**
     * @param  array<int, Slide>  $slides
     * @return list<string>
     */
    private static function named(array $slides): array
    {
        return array_values(array_map(
            static fn (Slide $slide): string => $slide->title !== '' ? $slide->title : $slide->part->label(),
            $slides,
        ));
    }

    /** @return list<array{prompt: string, change: string, answered: int}> */
    private static function questions(Lesson $lesson, Document $old, Document $now): array
    {
        $before = Questions::in($old);
        $after = Questions::in($now);
        $answered = Answer::query()
            ->whereIn('block', array_keys($before))
            ->whereHas('visit.share', static fn ($share) => $share->where('lesson_id', $lesson->id))
            ->pluck('block')
            ->countBy();
        $changes = [];
        foreach ($before + $after as $block => $question) {
            $change = self::change($before[$block] ?? null, $after[$block] ?? null);
            if ($change !== null) {
                $prompt = ($after[$block] ?? $question)->prompt;
                $changes[] = ['prompt' => $prompt, 'change' => $change, 'answered' => (int) ($answered[$block] ?? 0)];
            }
        }

        return $changes;
    }

    private static function change(?Question $before, ?Question $after): ?string
    {
        $asks = static fn (Question $question): array => [$question->prompt, $question->marks, $question->answer(), $question->asked()];

        return match (true) {
            $before === null => 'added',
            $after === null => 'removed',
            $asks($before) != $asks($after) => 'changed',
            default => null,
        };
    }
}
