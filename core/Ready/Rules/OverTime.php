<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Timing\LessonTiming;

/** More to say than the minutes planned. */
final readonly class OverTime implements LessonRule
{
    public function name(): string
    {
        return 'over-time';
    }

    public function check(LessonInspection $inspection): array
    {
        $timing = new LessonTiming($inspection->lesson);
        $over = $timing->total() - $inspection->lesson->minutes * 60;
        if ($over <= 0) {
            return [];
        }
        $longest = ['', 0.0];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            if ($timing->spoken($slide) > $longest[1]) {
                $longest = [$slide->title, $timing->spoken($slide)];
            }
        }

        return [Finding::ofLesson($this->name(), sprintf(
            'The script takes %s to say, %s more than the %s planned. The longest slide is “%s” with %s.',
            self::clock($timing->total()),
            self::clock($over),
            self::clock($inspection->lesson->minutes * 60),
            $longest[0],
            self::clock($longest[1]),
        ))];
    }

    private static function clock(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }
}
