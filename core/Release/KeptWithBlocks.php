<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Deck\PageMapping;
use Daybright\Recording\Playhead;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Layouts\Layout;
use Daybright\Recording\Tracks\Layouts\Layouts;
use Daybright\Recording\Tracks\Views\View;
use Daybright\Scene\Scene;

/** What was drawn over a block stays with it when the slide has been composed anew since. */
final readonly class KeptWithBlocks
{
    /** @param  array<string, Scene>  $scenes by slide, as they are now */
    public static function follow(TimelineTracks $tracks, array $scenes): TimelineTracks
    {
        $slides = new Playhead($tracks->shown());
        $layouts = new Playhead($tracks->intervals[Layouts::name()] ?? []);

        return $tracks->changed(static function (Interval $interval) use ($slides, $layouts, $scenes): ?Interval {
            if ($interval instanceof Layout) {
                return null;
            }
            // A part of the slide that is seen large is a part of the slide.
            if (! $interval instanceof DrawnOver || $interval instanceof View) {
                return $interval;
            }
            $shown = $slides->at($interval->from);
            $slide = end($shown) === false ? '' : end($shown)->slide;
            foreach (array_reverse($layouts->at($interval->from)) as $layout) {
                $scene = $scenes[$slide] ?? null;
                if ($layout instanceof Layout && $layout->slide === $slide && $scene !== null && $layout->boxes != $scene->boxes) {
                    return $interval->onPage(PageMapping::ofBoxes($layout->boxes, $scene->boxes)) ?? $interval;
                }
            }

            return $interval;
        });
    }
}
