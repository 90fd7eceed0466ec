<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Lesson\Lesson;
use Daybright\Question\Item;
use Daybright\Question\Question;
use Daybright\Release\Questions;
use Daybright\Scene\Paint;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** The answers of a lesson’s own questions, with what earns the marks, for the teacher. */
final readonly class TaskAnswerRows
{
    private const SIZE = 40.0;

    private const INDENT = 80.0;

    public function __construct(private Typesetter $type, private Paper $paper)
    {
    }

    /** @return list<Row> none where nothing is asked */
    public function of(Lesson $lesson): array
    {
        $questions = array_values(Questions::in($lesson));
        if ($questions === []) {
            return [];
        }
        $heading = $this->type->set('Tasks of the lesson', $this->paper->inner(), new TextStyle(52, Paint::INK, true));

        return [
            new Row($heading->height() + 30, $heading->shapes(0, 0), true),
            ...array_map($this->row(...), $questions, array_keys($questions)),
        ];
    }

    private function row(Question $question, int $number): Row
    {
        $room = $this->paper->inner() - self::INDENT;
        $points = array_map(static fn (Item $point): string => $point->text, $question->markPoints());
        $shapes = [$this->type->label(($number + 1).'.', 0, self::SIZE, new TextStyle(self::SIZE, Paint::INK, true))];
        $y = 0.0;
        foreach ([
            [$question->prompt, new TextStyle(self::SIZE, Paint::QUIET)],
            [$question->answer(), new TextStyle(self::SIZE, Paint::INK, true)],
            [$points === [] ? '' : 'A mark for each: '.implode(' ', $points), new TextStyle(32, Paint::QUIET)],
        ] as [$text, $style]) {
            if ($text !== '') {
                $set = $this->type->set($text, $room, $style);
                array_push($shapes, ...$set->shapes(self::INDENT, $y));
                $y += $set->height() + 6;
            }
        }

        return new Row($y + 24, $shapes);
    }
}
