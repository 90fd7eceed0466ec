<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A place walked through on a picture map, stop by stop. */
final class VisitAPlace implements Shape
{
    public static function name(): string
    {
        return 'visit-a-place';
    }

    public static function label(): string
    {
        return 'Visit a place';
    }

    public static function sentence(): string
    {
        return 'A place walked through on a picture map, stop by stop.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'Where are we?', 30)->with('picture'),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'The map', 60)->withFigure('picture-map'),
            ShapeSlide::in(PartKind::Explain, 'The first stop', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::Explain, 'The second stop', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::Example, 'How we know', 40)->with('quotation'),
            ShapeSlide::in(PartKind::YourTurn, 'Find it yourself', 40)->with('question'),
            ShapeSlide::in(PartKind::Recap, 'What you take home', 30)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
