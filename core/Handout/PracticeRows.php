<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Figure\Figure;
use Daybright\Figure\Variation;
use Daybright\Lesson\PartKind;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;
use Daybright\Worked\PracticeSet;

/** A practice set on paper: its questions with room to write, or its answers with the slips that lead to wrong ones. */
final readonly class PracticeRows
{
    private const SIZE = 40.0;

    private const INDENT = 80.0;

    private const GAP = 60.0;

    private const FIGURE_WIDTH = 620.0;

    private const FIGURE_HEIGHT = 420.0;

    /** From one ruled line to the next. */
    private const LINE = 90.0;

    public function __construct(private Typesetter $type, private Paper $paper)
    {
    }

    /** @return list<Row> */
    public function questions(string $title, PracticeSet $set): array
    {
        $rows = [$this->heading($title, $set)];
        foreach (PracticeSet::LEVELS as $level) {
            $rows[] = $this->level($level);
            foreach ($set->items($level) as $number => $item) {
                $rows[] = $this->question($number + 1, $item, $level, $set->figure($item));
            }
        }

        return $rows;
    }

    /** @return list<Row> */
    public function answers(string $title, PracticeSet $set): array
    {
        $rows = [$this->heading($title, $set)];
        foreach (PracticeSet::LEVELS as $level) {
            $rows[] = $this->level($level);
            foreach ($set->items($level) as $number => $item) {
                $rows[] = $this->answer($number + 1, $item);
            }
        }

        return $rows;
    }

    /** The seed is printed, so that a sheet found later can be made again. */
    private function heading(string $title, PracticeSet $set): Row
    {
        $text = $this->type->set($title, $this->paper->inner() - 300, new TextStyle(52, Paint::INK, true));
        $seed = $this->type->label("set {$set->seed}", $this->paper->inner(), 52, new TextStyle(30, Paint::QUIET, false, 1));

        return new Row($text->height() + 30, [...$text->shapes(0, 0), $seed], true);
    }

    private function level(int $level): Row
    {
        $colour = PartKind::YourTurn;

        return new Row(100, [
            Shape::rectangle(new Box(0, 10, $this->paper->inner(), 62), Paint::filled($colour->tint()), 8),
            $this->type->label("Level {$level}", 24, 55, new TextStyle(38, $colour->strong(), true)),
        ], true);
    }

    /** Numbers are worked out on ruled lines, more of them at a higher level, beside their figure; words are ticked. */
    private function question(int $number, Variation $item, int $level, ?Figure $figure): Row
    {
        $drawn = $figure === null ? null : $this->drawn($figure);
        $room = $this->paper->inner() - ($drawn === null ? 0 : self::FIGURE_WIDTH + self::GAP);
        [$shapes, $y] = $this->numbered($number, $item->prompt, false, $room);
        [$written, $y] = $item->answer instanceof Quantity ? $this->lines($level, $y, $room) : $this->boxes($item, $y, $room);

        $height = $drawn === null ? 0.0 : self::bottom($drawn);

        return new Row(max($y, $height) + 50, [...$shapes, ...$written], false, $drawn === null ? [] : [$drawn]);
    }

    /** @return array{list<Shape>, float} shapes, and where they end */
    private function lines(int $level, float $y, float $room): array
    {
        $shapes = [];
        for ($line = 0; $line < $level; $line++) {
            $y += self::LINE;
            $shapes[] = Pages::line(self::INDENT, $y, $room - self::INDENT);
        }
        $y += self::LINE;
        $shapes[] = $this->type->label('Answer', self::INDENT, $y, new TextStyle(self::SIZE, Paint::INK, true));
        $shapes[] = Pages::line(self::INDENT + 180, $y + 8, min(700, $room - self::INDENT - 180));

        return [$shapes, $y + 10];
    }

    private static function bottom(Group $drawn): float
    {
        return max(0.0, ...array_map(static fn (Shape $shape): float => $drawn->boxOf($shape)->bottom(), $drawn->shapes));
    }

    /** What a figure shows first, at the right margin. */
    private function drawn(Figure $figure): Group
    {
        $box = $figure->smallest();
        $scale = min(self::FIGURE_WIDTH / $box->width, self::FIGURE_HEIGHT / $box->height);
        $colour = PartKind::YourTurn;
        $shown = $figure->scene($box, new RenderContext($this->type, $colour->tint(), $colour->strong()));

        return new Group(
            '',
            'figure',
            '',
            0,
            $shown[$figure->steps()[0]->name] ?? [],
            $this->paper->inner() - $box->width * $scale,
            0,
            scale: $scale,
        );
    }

    private function answer(int $number, Variation $item): Row
    {
        [$shapes, $y] = $this->numbered($number, Variation::written($item->answer), true, $this->paper->inner());
        foreach ($item->slips as $why => $slip) {
            $text = $this->type->set(
                Variation::written($slip).': '.rtrim($why, '.'),
                $this->paper->inner() - self::INDENT,
                new TextStyle(32, Paint::QUIET),
            );
            array_push($shapes, ...$text->shapes(self::INDENT, $y));
            $y += $text->height();
        }

        return new Row($y + 20, $shapes);
    }

    /** @return array{list<Shape>, float} shapes, and where they end */
    private function numbered(int $number, string $words, bool $bold, float $room): array
    {
        $text = $this->type->set($words, $room - self::INDENT, new TextStyle(self::SIZE, Paint::INK, $bold));

        return [
            [
                $this->type->label("{$number}.", 0, self::SIZE, new TextStyle(self::SIZE, Paint::INK, true)),
                ...$text->shapes(self::INDENT, 0),
            ],
            $text->height(),
        ];
    }

    /**
     * Boxes to tick, one beside the other as long as there is room.
     *
     * @return array{list<Shape>, float} shapes, and where they end
     */
    private function boxes(Variation $item, float $y, float $room): array
    {
        $shapes = [];
        [$x, $y] = [self::INDENT, $y + 20];
        foreach ($item->choices() as $choice) {
            $width = 70 + $this->type->width($choice, new TextStyle(self::SIZE)) + 60;
            if ($x + $width > $room && $x > self::INDENT) {
                [$x, $y] = [self::INDENT, $y + 70];
            }
            $shapes[] = Shape::rectangle(new Box($x, $y, 44, 44), Paint::outlined(Paint::INK, 3, '#FFFFFF'), 4);
            $shapes[] = $this->type->label($choice, $x + 62, $y + 37, new TextStyle(self::SIZE));
            $x += $width;
        }

        return [$shapes, $y + 54];
    }
}
