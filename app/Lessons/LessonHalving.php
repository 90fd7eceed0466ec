<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use Daybright\Timing\LessonTiming;
use Daybright\Timing\Parting;
use DomainException;
use Illuminate\Support\Facades\DB;

/** Makes two lessons of one, each with its recordings. */
final class LessonHalving
{
    public function __construct(private readonly LessonStore $store, private readonly Shelf $shelf)
    {
    }

    /** Where it is best parted: by what is recorded, and by the script where nothing is. */
    public static function parting(Lesson $lesson, Document $read): ?Parting
    {
        $recorded = $lesson->secondsRecorded();
        $timing = new LessonTiming($read);

        return Parting::near(
            $read->mainSlides(),
            static fn (Slide $slide): float => ($recorded[$slide->id] ?? $timing->spoken($slide)) + $timing->work($slide),
        );
    }

    /**
     * The first half stays where the lesson is, with what was shared of it and answered; the second stands right behind it.
     *
     * @return Lesson the second
     */
    public function halve(Lesson $lesson): Lesson
    {
        $parting = self::parting($lesson, $lesson->read()) ?? throw new DomainException(
            'A lesson of one slide cannot be made into two. Add slides first.',
        );
        [$one, $two] = HalvedLesson::halve(
            $lesson->document(),
            $parting->slide->id,
            $parting->total > 0 ? $parting->before / $parting->total : 0.5,
        );

        return DB::transaction(function () use ($lesson, $one, $two): Lesson {
            $second = $this->shelf->putBehind($lesson, $two);
            $slides = array_map(static fn (Slide $slide): string => $slide->id, $two->read()->slides());
            $stay = array_map(static fn (Slide $slide): string => $slide->id, $one->read()->slides());
            $lesson->takes()->whereIn('slide', $slides)->whereNotIn('slide', $stay)->update(['lesson_id' => $second->id]);
            $this->store->save($lesson, $one, $lesson->version);

            return $second;
        });
    }
}
