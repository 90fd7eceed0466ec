<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A question, a way to find out, measurements in a table and their plot. */
final class InvestigateAndMeasure implements Shape
{
    public static function name(): string
    {
        return 'investigate-and-measure';
    }

    public static function label(): string
    {
        return 'Investigate and measure';
    }

    public static function sentence(): string
    {
        return 'A question, a way to find out, measurements in a table and their plot.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'What do you expect?', 30)->withQuestion(),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'What you need', 30)->with('picture')->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'What to do', 50)->with('instructions'),
            ShapeSlide::in(PartKind::Example, 'One measurement together', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Your measurements', 60)
                ->with('table', ['rows' => [['', ''], ['', '?'], ['', '?'], ['', '?']]])
                ->withPlot(),
            ShapeSlide::in(PartKind::Recap, 'What the numbers say', 40)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
