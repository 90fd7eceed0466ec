<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Block\Blocks;
use Daybright\Block\LeadsOutside;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Where a class finds a lesson, and what the lesson leads to outside of it, on paper: a code to scan, and the address to type. */
final readonly class LinkRows
{
    /** Three centimetres, in tenths of a millimetre. */
    private const CODE = 300.0;

    private const GAP = 40.0;

    public function __construct(private Typesetter $type, private ScanCodes $codes, private Paper $paper)
    {
    }

    /** @return list<Row> none where the lesson leads nowhere */
    public function of(Lesson $lesson): array
    {
        $rows = [];
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $link = Blocks::able($block, LeadsOutside::class)?->link();
                if ($link !== null && $link->fault() === null) {
                    $rows[] = $this->row($link->address, $link->title, $link->why, $link->part());
                }
            }
        }

        return $this->headed('To look at', $rows);
    }

    /**
     * @param  list<WayIn>  $ways
     * @return list<Row>
     */
    public function waysIn(array $ways): array
    {
        return $this->headed('The lesson, to watch', array_map(
            fn (WayIn $way): Row => $this->row($way->address, "Class {$way->class}", "Class code: {$way->code}", ''),
            $ways,
        ));
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Row>
     */
    private function headed(string $title, array $rows): array
    {
        $heading = $this->type->set($title, $this->paper->inner(), new TextStyle(52, Paint::INK, true));

        return $rows === [] ? [] : [new Row($heading->height() + self::GAP, $heading->shapes(0, self::GAP / 2), true), ...$rows];
    }

    private function row(string $address, string $title, string $why, string $part): Row
    {
        $room = $this->paper->inner() - self::CODE - self::GAP;
        $shapes = Shape::code($this->codes->of(trim($address)), new Box(0, 0, self::CODE, self::CODE));
        $y = 0.0;
        foreach ([
            [$title, new TextStyle(42, Paint::INK, true)],
            [$why, new TextStyle(38, Paint::INK)],
            [$part, new TextStyle(34, Paint::QUIET)],
            [trim($address), new TextStyle(30, Paint::QUIET)],
        ] as [$text, $style]) {
            $set = $this->type->set($text, $room, $style);
            array_push($shapes, ...$text === '' ? [] : $set->shapes(self::CODE + self::GAP, $y));
            $y += $text === '' ? 0.0 : $set->height() + 8;
        }

        return new Row(max(self::CODE, $y) + self::GAP, $shapes);
    }
}
