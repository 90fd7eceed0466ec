<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** Sounds and words heard, taken apart, and said aloud. */
final class HearAndSay implements Shape
{
    public static function name(): string
    {
        return 'hear-and-say';
    }

    public static function label(): string
    {
        return 'Hear and say';
    }

    public static function sentence(): string
    {
        return 'Sounds and words heard, taken apart, and said aloud.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'Listen first', 25)->with('pause', ['prompt' => 'Listen, then say it aloud.']),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'The sounds in a word', 50)->withFigure('sound-boxes'),
            ShapeSlide::in(PartKind::Explain, 'Words to say', 50)->with('term')->with('term')->with('term'),
            ShapeSlide::in(PartKind::Example, 'Say it with me', 40)->with('instructions'),
            ShapeSlide::in(PartKind::YourTurn, 'Your turn to say it', 30)
                ->with('pause', ['prompt' => 'Say each word twice.'])
                ->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Which one did you hear?', 30)->with('question'),
            ShapeSlide::in(PartKind::Recap, 'What to say again today', 25)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
