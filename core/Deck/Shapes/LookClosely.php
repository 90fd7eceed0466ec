<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A picture taken in slowly: the whole, its parts, what they tell. */
final class LookClosely implements Shape
{
    public static function name(): string
    {
        return 'look-closely';
    }

    public static function label(): string
    {
        return 'Look closely at a picture';
    }

    public static function sentence(): string
    {
        return 'A picture taken in slowly: the whole, its parts, what they tell.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'Look for a minute', 40)
                ->with('picture')
                ->with('pause', ['prompt' => 'Look, and say what you see.']),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'What is in it', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::Explain, 'Two of a kind', 50)->with('picture')->with('picture'),
            ShapeSlide::in(PartKind::Example, 'What a detail tells', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Your own look', 40)->withQuestion(2),
            ShapeSlide::in(PartKind::Recap, 'What the picture says', 30)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
