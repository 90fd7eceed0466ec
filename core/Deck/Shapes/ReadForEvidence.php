<?php

declare(strict_types=1);

namespace Daybright\Deck\Shapes;

use Daybright\Deck\Shape;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\PartKind;

/** A passage read twice, its evidence marked, a claim proved with it. */
final class ReadForEvidence implements Shape
{
    public static function name(): string
    {
        return 'read-for-evidence';
    }

    public static function label(): string
    {
        return 'Read and find evidence';
    }

    public static function sentence(): string
    {
        return 'A passage read twice, its evidence marked, a claim proved with it.';
    }

    public static function slides(): array
    {
        return [
            ShapeSlide::in(PartKind::Opening, 'What to listen for', 30)->withQuestion(),
            ShapeSlide::in(PartKind::Aims, 'By the end you can', 25)->with('instructions'),
            ShapeSlide::in(PartKind::Explain, 'The passage', 90)->withFigure('marked-passage'),
            ShapeSlide::in(PartKind::Explain, 'Hard words', 40)->with('term')->with('term'),
            ShapeSlide::in(PartKind::Example, 'From claim to evidence', 50)->with('quotation')->with('text'),
            ShapeSlide::in(PartKind::YourTurn, 'Find the words that show it', 60)->withQuestion(3),
            ShapeSlide::in(PartKind::Recap, 'What counts as evidence', 30)->with('text'),
            ShapeSlide::in(PartKind::ExitCheck, 'Before you go', 40)->with('question'),
        ];
    }
}
