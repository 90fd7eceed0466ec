<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Moment;
use App\Models\MomentKind;
use App\Models\Visit;
use Daybright\Release\FrozenChapter;
use Illuminate\Support\Collection;

/** Where in the lesson students stopped, went back, were lost and asked. */
final class MomentReplies
{
    /** Milliseconds of narration before the end at which a lesson counts as watched. */
    private const END = 2000.0;

    /** @return list<array<string, mixed>> slide by slide, those at which something happened */
    public static function show(ClassReplies $replies): array
    {
        $frozen = $replies->share->release?->frozen();
        if ($frozen === null) {
            return [];
        }
        $moments = $replies->share->visits->flatMap(static fn (Visit $visit): Collection => $visit->moments->each(
            static fn (Moment $moment): Moment => $moment->setRelation('visit', $visit),
        ));
        $slides = array_map(static fn (FrozenChapter $chapter): array => [
            'slide' => $chapter->slide,
            'title' => $chapter->title,
            'stopped' => self::stopped($replies->share->visits, $chapter, $frozen->length - self::END),
            'wentBack' => self::names($moments, $chapter, MomentKind::Back),
            'lost' => self::names($moments, $chapter, MomentKind::Lost),
            'questions' => self::on($moments, $chapter, MomentKind::Question)->sortBy('at')->map(static fn (Moment $moment): array => [
                'id' => $moment->id,
                'student' => $moment->visit->student->name,
                'at' => $moment->at,
                'text' => $moment->text,
                'reply' => $moment->reply,
            ])->values()->all(),
        ], $frozen->chapters);

        return array_values(array_filter(
            $slides,
            static fn (array $slide): bool => array_filter(array_diff_key($slide, ['slide' => '', 'title' => ''])) !== [],
        ));
    }

    /**
     * @param  Collection<int, Visit>  $visits
     * @return list<string> names of those who have not come further
     */
    private static function stopped(Collection $visits, FrozenChapter $chapter, float $end): array
    {
        return self::inOrder($visits
            ->filter(static fn (Visit $visit): bool => $visit->handed_in_at === null && $visit->furthest < $end)
            ->filter(static fn (Visit $visit): bool => $chapter->at <= $visit->furthest && $visit->furthest < $chapter->until)
            ->map(static fn (Visit $visit): string => $visit->student->name));
    }

    /**
     * @param  Collection<int, Moment>  $moments
     * @return list<string>
     */
    private static function names(Collection $moments, FrozenChapter $chapter, MomentKind $kind): array
    {
        return self::inOrder(self::on($moments, $chapter, $kind)
            ->map(static fn (Moment $moment): string => $moment->visit->student->name));
    }

    /**
     * @param  Collection<int, string>  $names
     * @return list<string> each once
     */
    private static function inOrder(Collection $names): array
    {
        return array_values($names->unique()->sort()->all());
    }

    /**
     * @param  Collection<int, Moment>  $moments
     * @return Collection<int, Moment>
     */
    private static function on(Collection $moments, FrozenChapter $chapter, MomentKind $kind): Collection
    {
        return $moments->filter(static fn (Moment $moment): bool => $moment->kind === $kind && $moment->slide === $chapter->slide);
    }
}
