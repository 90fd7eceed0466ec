<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A method shown line by line, then practised with other numbers. */
final class WorkedAndPractised implements Shape
{
    public static function name(): string
    {
        return 'worked-and-practised';
    }

    public static function label(): string
    {
        return 'Worked example and practice';
    }

    public static function sentence(): string
    {
        return 'A method shown line by line, then practised with other numbers.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'What you know already', 30)->with('question'),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'How it works', 60)->with('text')->with('worked'),
            ShapeSlide::in(PartKind::Example, 'Step by step', 70)->with('worked'),
            ShapeSlide::in(PartKind::Example, 'The same with other numbers', 60)->with('worked'),
            ShapeSlide::in(PartKind::YourTurn, 'Now you', 40)->with('question'),
            ShapeSlide::in(PartKind::Recap, 'Easily got wrong', 40)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
