<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\Slide;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Timing\LessonTiming;
use Daybright\Timing\Parting;

/** More to say than the minutes planned. */
final readonly class OverTime implements LessonRule
{
    public function name(): string
    {
        return 'over-time';
    }

    public function cost(): Cost
    {
        return Cost::Tires;
    }

    public function check(LessonInspection $inspection): array
    {
        $timing = new LessonTiming($inspection->lesson);
        $over = $timing->total() - $inspection->lesson->minutes * 60;
        if ($over <= 0) {
            return [];
        }
        $slides = $inspection->lesson->mainSlides();
        $longest = array_reduce(
            $slides,
            static fn (?Slide $found, Slide $each): Slide => $found === null || $timing->spoken($each) > $timing->spoken($found)
                ? $each
                : $found,
        );
        $sentence = sprintf(
            'The script takes %s to say, %s more than the %s planned. The longest slide is “%s” with %s.',
            self::clock($timing->total()),
            self::clock($over),
            self::clock($inspection->lesson->minutes * 60),
            $longest->title ?? '',
            self::clock($longest === null ? 0 : $timing->spoken($longest)),
        );

        return [Finding::ofLesson($this->name(), $sentence.self::parting($slides, $timing))->about('time')];
    }

    /** @param  list<Slide>  $slides */
    private static function parting(array $slides, LessonTiming $timing): string
    {
        $parting = Parting::near($slides, $timing->spoken(...));

        return $parting === null ? '' : sprintf(
            ' To make two lessons of it, begin the second with “%s”, after %s.',
            $parting->slide->title === '' ? 'the slide without a title' : $parting->slide->title,
            self::clock($parting->before),
        );
    }

    private static function clock(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }
}
