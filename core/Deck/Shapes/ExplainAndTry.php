<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** One idea explained, shown once, then tried at once. */
final class ExplainAndTry implements Shape
{
    public static function name(): string
    {
        return 'explain-and-try';
    }

    public static function label(): string
    {
        return 'Explain and try';
    }

    public static function sentence(): string
    {
        return 'One idea explained, shown once, then tried at once.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'What do you think?', 30)->withQuestion(),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'The idea', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::Explain, 'Words to keep', 40)->with('term')->with('term'),
            ShapeSlide::in(PartKind::Example, 'One to look at', 50)->with('picture')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Now you', 40)->with('question'),
            ShapeSlide::in(PartKind::Recap, 'What we found', 30)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
