<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Block\Blocks;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Slides on paper, small, with room to write beside them: as they are when they ask, or with all that appears on them. */
final readonly class SlideRows
{
    private const SIZE = 36.0;

    private const GAP = 50.0;

    /** From one ruled line to the next. */
    private const LINE = 80.0;

    /** Lines to write on for each mark. */
    private const LINES = 2;

    public function __construct(private Typesetter $type, private Paper $paper, private SlidePainter $painter)
    {
    }

    /**
     * @param  bool  $all whether slides that ask nothing are printed too
     * @return list<Row>
     */
    public function of(Lesson $lesson, bool $all): array
    {
        $rows = [];
        foreach ($lesson->mainSlides() as $slide) {
            // What the teacher chose for a slide counts more than what is chosen for all.
            $isWanted = $lesson->printed[$slide->id] ?? null;
            if ($isWanted === false) {
                continue;
            }
            $asking = array_values(array_filter(
                $slide->blocks,
                static fn (Block $block): bool => Blocks::questionOf($block) !== null,
            ));
            foreach ($asking as $block) {
                $question = Blocks::questionInWords($slide, $block);
                $rows[] = $this->row($lesson, $slide, $slide->stepNumber($block->step), $question);
            }
            if ($asking === [] && ($all || $isWanted === true)) {
                $rows[] = $this->row($lesson, $slide, count($slide->steps) - 1, null);
            }
        }

        return $rows;
    }

    private function row(Lesson $lesson, Slide $slide, int $step, ?Question $question): Row
    {
        // Large print is for the slide too: it takes the whole width, and what is written stands below it.
        $width = $this->paper->inner() * ($this->paper->isLarge ? 1 : ($question === null ? 0.5 : 0.42));
        $scene = $this->painter->paint($lesson, $slide)->at($step);
        $scale = $width / Scene::WIDTH;
        $picture = Scene::HEIGHT * $scale;
        [$shapes, $height] = $this->paper->isLarge
            ? $this->written($question, 0, $picture + self::GAP, 0)
            : $this->written($question, $width + self::GAP, 0, $picture);

        return new Row(
            max($picture, $height) + self::GAP,
            [...$shapes, Shape::rectangle(new Box(0, 0, $width, $picture), Paint::outlined(Paint::QUIET, 2))],
            false,
            array_map(static fn (Group $group): Group => self::small($group, $scale), $scene->groups),
        );
    }

    private static function small(Group $group, float $scale): Group
    {
        return new Group('', 'slide', '', 0, $group->shapes, $group->x * $scale, $group->y * $scale, scale: $group->scale * $scale);
    }

    /**
     * @param  float  $least down to which there are lines at the least
     * @return array{list<Shape>, float} what is asked and the lines to write on, and where they end
     */
    private function written(?Question $question, float $left, float $y, float $least): array
    {
        $room = $this->paper->inner() - $left;
        $shapes = [];
        if ($question !== null) {
            $prompt = $this->type->set($question->prompt, $room, new TextStyle(self::SIZE, Paint::INK, true));
            $marks = $question->marks === 1 ? '1 mark' : "{$question->marks} marks";
            array_push($shapes, ...$prompt->shapes($left, $y));
            $y += $prompt->height() + self::SIZE;
            $shapes[] = $this->type->label($marks, $left + $room, $y, new TextStyle(self::SIZE * 0.8, Paint::QUIET, false, 1));
        }
        $lines = $question === null ? ($this->paper->isLarge ? self::LINES : 0) : max(2, self::LINES * $question->marks);
        for ($line = 1; $line <= $lines || $y + self::LINE <= $least; $line++) {
            $y += self::LINE;
            $shapes[] = Pages::line($left, $y, $room);
        }

        return [$shapes, $y];
    }
}
