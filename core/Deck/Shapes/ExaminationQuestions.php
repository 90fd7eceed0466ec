<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** Questions as they are set, with the time for each and where marks are won. */
final class ExaminationQuestions implements Shape
{
    public static function name(): string
    {
        return 'examination-questions';
    }

    public static function label(): string
    {
        return 'Examination questions';
    }

    public static function sentence(): string
    {
        return 'Questions as they are set, with the time for each and where marks are won.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'How marks are given', 40)->with('text'),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Example, 'A model answer', 70)->withQuestion(4),
            ShapeSlide::in(PartKind::Example, 'Where marks are lost', 50)->with('text')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'First question', 40)->with('question'),
            ShapeSlide::in(PartKind::YourTurn, 'Second question', 60)->withQuestion(3),
            ShapeSlide::in(PartKind::YourTurn, 'Third question', 80)->withQuestion(6),
            ShapeSlide::in(PartKind::Recap, 'Before you hand in', 30)->with('instructions'),
            ShapeSlide::in(PartKind::ExitCheck, 'One more, against the clock', 40)->with('question'),
        ];
    }
}
