<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Deck\PageMapping;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Scene;

/** The slides for a phone held upright, with what was drawn over them and pointed at where its block stands there. */
final readonly class TallPages
{
    /**
     * @param  array<string, Scene>  $scenes by slide; one is left out where something drawn has no place on its tall page
     * @param  TimelineTracks  $drawn what is drawn over slides, in units of the page that such a phone shows
     */
    private function __construct(public array $scenes, public TimelineTracks $drawn)
    {
    }

    /**
     * @param  array<string, Scene>  $wide by slide
     * @param  array<string, Scene>  $tall by slide
     */
    public static function follow(TimelineTracks $tracks, array $wide, array $tall): self
    {
        $pages = [];
        foreach ($tall as $slide => $scene) {
            $pages[$slide] = PageMapping::between($wide[$slide], $scene);
        }
        $tracks->drawnOver(static function (Interval&DrawnOver $interval, string $slide) use (&$pages): Interval {
            if (isset($pages[$slide]) && $interval->onPage($pages[$slide]) === null) {
                unset($pages[$slide]);
            }

            return $interval;
        });
        $drawn = $tracks->drawnOver(
            static fn (Interval&DrawnOver $interval, string $slide): Interval => isset($pages[$slide])
                ? $interval->onPage($pages[$slide]) ?? $interval
                : $interval,
        );

        return new self(array_intersect_key($tall, $pages), $drawn);
    }
}
