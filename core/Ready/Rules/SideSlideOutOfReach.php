<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Deck\SideSlides;
use Daybright\Lesson\Slide;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Ready\LinkOnSlide;
use Daybright\Ready\SlideReport;

/** A side slide that nothing leads to, a link that leads nowhere, a question where none is asked. */
final readonly class SideSlideOutOfReach implements LessonRule
{
    public function name(): string
    {
        return 'side-slide-out-of-reach';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(LessonInspection $inspection): array
    {
        $lesson = $inspection->lesson;
        $main = array_map(static fn (Slide $slide): string => $slide->id, $lesson->mainSlides());
        $reached = [...SideSlides::reached($lesson, self::links($inspection), $main), ...self::visited($inspection)];
        $findings = [];
        foreach ($lesson->slides() as $slide) {
            if ($slide->side && ! in_array($slide->id, $reached, true)) {
                $findings[] = Finding::ofSlide(
                    $this->name(),
                    'Nothing leads to this side slide. Let a spot of a picture map lead to it, or make it a slide of the main line.',
                    $slide->id,
                );
            }
            array_push($findings, ...$this->lostLinks($inspection, $slide), ...($slide->side ? $this->questions($slide) : []));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function lostLinks(LessonInspection $inspection, Slide $slide): array
    {
        $findings = [];
        foreach ($inspection->reports[$slide->id]->links as $link) {
            if ($inspection->lesson->slide($link->slide)?->side !== true) {
                $findings[] = Finding::ofBlock(
                    $this->name(),
                    "“{$link->label}” leads to a side slide that is not there. Choose another for it, or let it lead nowhere.",
                    $slide->id,
                    $link->block,
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function questions(Slide $slide): array
    {
        $findings = [];
        foreach ($slide->blocks as $block) {
            if (Blocks::questionOf($block) !== null) {
                $findings[] = Finding::ofBlock(
                    $this->name(),
                    'The lesson does not stop on a side slide, so nobody is asked this question. Move it to a slide of the main line.',
                    $slide->id,
                    $block->id,
                );
            }
        }

        return $findings;
    }

    /** @return array<string, list<string>> ids of the slides that each slide leads to */
    private static function links(LessonInspection $inspection): array
    {
        return array_map(
            static fn (SlideReport $report): array => array_map(static fn (LinkOnSlide $link): string => $link->slide, $report->links),
            $inspection->reports,
        );
    }

    /** @return list<string> slides that the teacher goes to while recording */
    private static function visited(LessonInspection $inspection): array
    {
        $visited = [];
        foreach ($inspection->takes as $take) {
            foreach ($take->events as $event) {
                if ($event->kind === 'visit') {
                    $visited[] = $event->data->text('slide');
                }
            }
        }

        return $visited;
    }
}
