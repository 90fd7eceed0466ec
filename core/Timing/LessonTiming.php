<?php

declare(strict_types=1);

namespace Daybright\Timing;

use Daybright\Block\Blocks;
use Daybright\Block\PlaysClip;
use Daybright\Block\Stops;
use Daybright\Language\WordCount;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;

/** How long a lesson will take to say, and to do. */
final class LessonTiming
{
    /** @var array<string, float> seconds by slide id, those that have been counted */
    private array $spoken = [];

    public function __construct(private readonly Lesson $lesson)
    {
    }

    /** @return float seconds it takes to say a step's script at the lesson's pace, with the pause after it */
    public function step(Step $step): float
    {
        return self::words($step->script) * 60 / max(1.0, $this->lesson->pace) + $step->pause;
    }

    /** @return float seconds that it takes to say a slide and to play its clips */
    public function spoken(Slide $slide): float
    {
        return $this->spoken[$slide->id] ??= array_sum(array_map($this->step(...), $slide->steps)) + self::clips($slide);
    }

    /** @return int seconds for which clips play */
    private static function clips(Slide $slide): int
    {
        $seconds = 0;
        foreach ($slide->blocks as $block) {
            $seconds += Blocks::able($block, PlaysClip::class)?->clip()?->waits() ?? 0;
        }

        return $seconds;
    }

    /** @return int seconds that students work at the slide's pause points */
    public function work(Slide $slide): int
    {
        $seconds = 0;
        foreach ($slide->blocks as $block) {
            $seconds += Blocks::able($block, Stops::class)?->waits() ?? 0;
        }

        return $seconds;
    }

    /** @return float seconds of speech and clips in the main line of the lesson */
    public function total(): float
    {
        return array_sum(array_map($this->spoken(...), $this->lesson->mainSlides()));
    }

    /** Words as they are spoken: a number, a formula sign or a unit is a word too. */
    public static function words(string $script): int
    {
        $spoken = (string) preg_replace('/[=+×÷−*`]/u', ' ', $script);

        return WordCount::of($spoken);
    }
}
