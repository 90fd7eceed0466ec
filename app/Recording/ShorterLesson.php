<?php

declare(strict_types=1);

namespace App\Recording;

use App\Lessons\LessonHalving;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\Clock;
use Daybright\Recording\Editing\EditedTake;
use Daybright\Recording\Editing\Proposal;
use Daybright\Recording\Editing\Shortening;
use Daybright\Recording\Take as Recorded;
use Daybright\Recording\Timeline;

/** What may be left out of a lesson, and how long it is now; in samples. */
final class ShorterLesson
{
    /**
     * How many of the proposals, in their order, make it as short as wanted is “needed”: none where no minutes are asked. “Parting” is
     * where two lessons are best made of it, after so many seconds.
     *
     * @param  int  $pause milliseconds that a pause may last
     * @param  float|null  $minutes that the lesson should take with its pause points; null where that is not asked
     * @return array{
     *     length: int,
     *     needed: int,
     *     parting: array{title: string, before: float}|null,
     *     proposals: list<array{kind: string, take: string, slide: string, from: int, to: int, text: string}>,
     * }
     */
    public static function propose(Lesson $lesson, int $pause, ?float $minutes): array
    {
        $read = $lesson->read();
        $takes = $lesson->takes->where('chosen', true)->where('state', TakeState::Ready)->keyBy('slide');
        $edited = [];
        foreach ($read->mainSlides() as $slide) {
            $take = $takes->get($slide->id);
            if ($take !== null) {
                $edited[] = new EditedTake($slide, $take->recorded(), $take->waveform ?? [], $take->kept ?? []);
            }
        }
        $shortening = Shortening::propose($edited, $pause);
        $length = Timeline::build($read, $takes->map(static fn (Take $take): Recorded => $take->recorded())->all())->length();

        $parting = LessonHalving::parting($lesson, $read);

        return [
            'length' => $length,
            'needed' => $minutes === null ? 0 : $shortening->needed(max(0, $length - (int) round($minutes * 60 * Clock::RATE))),
            'parting' => $parting === null ? null : ['title' => $parting->slide->title, 'before' => $parting->before],
            'proposals' => array_map(static fn (Proposal $proposal): array => [
                'kind' => $proposal->kind->value,
                'take' => $proposal->take->id,
                'slide' => $proposal->take->slide,
                'from' => $proposal->range->from,
                'to' => $proposal->range->to,
                'text' => $proposal->text,
            ], $shortening->proposals),
        ];
    }
}
