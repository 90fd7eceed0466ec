<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use App\Models\Series;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** A teacher's lessons and series in their order: renamed, copied, moved, put away and fetched again. */
final class Shelf
{
    /** Letters of a title, as the schema has them. */
    private const LONGEST_TITLE = 200;

    private const COPY = ' (copy)';

    public function __construct(private readonly LessonStore $store)
    {
    }

    /** One undo away, like any other change. */
    public function rename(Lesson $lesson, string $title): void
    {
        $this->store->save($lesson, $lesson->document()->with('title', $title), $lesson->version);
    }

    /** With slides and pictures, and none of its recordings, versions and replies; right behind the original. */
    public function copy(Lesson $lesson): Lesson
    {
        $title = mb_substr($lesson->title, 0, self::LONGEST_TITLE - mb_strlen(self::COPY)).self::COPY;

        return $this->putBehind($lesson, $lesson->document()->with('title', $title));
    }

    /** A new lesson right behind another one, in the same series. */
    public function putBehind(Lesson $lesson, LessonDocument $document): Lesson
    {
        return DB::transaction(function () use ($lesson, $document): Lesson {
            $new = new Lesson(['user_id' => $lesson->user_id, 'series_id' => $lesson->series_id, 'place' => $lesson->place]);
            $this->store->create($new, $document);
            $others = self::beside($lesson)->reject(static fn (Lesson $each): bool => $each->is($new))->values();
            $at = (int) $others->search(static fn (Lesson $each): bool => $each->is($lesson));
            self::number($others->slice(0, $at + 1)->push($new)->concat($others->slice($at + 1)));

            return $new;
        });
    }

    /** @param  int  $by -1 earlier, 1 later among the lessons that stand with it */
    public function move(Lesson $lesson, int $by): void
    {
        DB::transaction(static fn () => self::exchange(self::beside($lesson)->whereNull('put_away_at')->values(), $lesson, $by));
    }

    /** To the end of another series, or on its own. */
    public function place(Lesson $lesson, ?Series $series): void
    {
        $lesson->update([
            'series_id' => $series?->id,
            'place' => 1 + (int) Lesson::query()->where('user_id', $lesson->user_id)->where('series_id', $series?->id)->max('place'),
        ]);
    }

    public function putAway(Lesson $lesson, bool $away): void
    {
        $lesson->update(['put_away_at' => $away ? now() : null]);
    }

    /** @param  int  $by -1 earlier, 1 later */
    public function moveSeries(Series $series, int $by): void
    {
        DB::transaction(static fn () => self::exchange(self::seriesOf($series->user_id), $series, $by));
    }

    /** All of its lessons, each one undo away. */
    public function giveLook(Series $series, string $look): void
    {
        foreach ($series->lessons()->get() as $lesson) {
            $this->store->save($lesson, $lesson->document()->with('look', $look), $lesson->version);
        }
    }

    /**
     * @param  string  $teacher id
     * @return Collection<int, Series> in their order
     */
    public static function seriesOf(string $teacher): Collection
    {
        return Series::query()->where('user_id', $teacher)->orderBy('place')->orderBy('created_at')->orderBy('id')->get();
    }

    /** @return Collection<int, Lesson> of the same series, in their order */
    private static function beside(Lesson $lesson): Collection
    {
        return Lesson::query()->where('user_id', $lesson->user_id)->where('series_id', $lesson->series_id)
            ->orderBy('place')->orderBy('created_at')->orderBy('id')->get();
    }

    /**
     * @template Item of Lesson|Series
     *
     * @param  Collection<int, Item>  $items in their order
     * @param  Item  $moved
     */
    private static function exchange(Collection $items, Lesson|Series $moved, int $by): void
    {
        $at = (int) $items->search(static fn (Lesson|Series $each): bool => $each->is($moved));
        $neighbour = $items->get($at + $by);
        if ($neighbour === null) {
            return;
        }
        $items->put($at, $neighbour);
        $items->put($at + $by, $moved);
        self::number($items);
    }

    /** @param  Collection<int, covariant Lesson|Series>  $items */
    private static function number(Collection $items): void
    {
        foreach ($items->values() as $number => $item) {
            // Its place is no change of a lesson: it does not come up as lately changed.
            $item->newQuery()->whereKey($item->getKey())->toBase()->update(['place' => $number + 1]);
        }
    }
}
