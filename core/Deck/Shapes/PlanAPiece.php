<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A model taken apart, its plan drawn, then a plan of one’s own. */
final class PlanAPiece implements Shape
{
    public static function name(): string
    {
        return 'plan-a-piece';
    }

    public static function label(): string
    {
        return 'Plan a piece of writing';
    }

    public static function sentence(): string
    {
        return 'A model taken apart, its plan drawn, then a plan of one’s own.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'Who is it for?', 30)->withQuestion(),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'A piece that works', 60)->with('quotation')->with('text'),
            ShapeSlide::in(PartKind::Explain, 'How it is built', 50)->withFigure('planning-frame'),
            ShapeSlide::in(PartKind::Example, 'From a note to a sentence', 50)->with('text')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Your own plan', 90)->withQuestion(4),
            ShapeSlide::in(PartKind::Recap, 'Read it aloud and check', 30)->with('instructions'),
            ShapeSlide::in(PartKind::ExitCheck, 'Your first sentence', 40)->withQuestion(2),
        ];
    }
}
