<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Rows set on pages, each with the title and its number. */
final readonly class Pages
{
    private const HEAD = 150.0;

    private const FOOT = 70.0;

    public function __construct(private Typesetter $type, private string $title, private bool $asksName, private Paper $paper)
    {
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Scene>
     */
    public function of(array $rows): array
    {
        $pages = $this->broken($rows);

        return array_map(
            fn (array $rows, int $number): Scene => $this->page($rows, $number + 1, count($pages)),
            $pages,
            array_keys($pages),
        );
    }

    /**
     * @param  list<Row>  $rows
     * @return list<non-empty-list<Row>>
     */
    private function broken(array $rows): array
    {
        $room = $this->paper->height - 2 * Paper::MARGIN - self::HEAD - self::FOOT;
        $pages = [];
        $page = [];
        $left = $room;
        foreach (self::together($rows) as $group) {
            $height = array_sum(array_map(static fn (Row $row): float => $row->height, $group));
            if ($height > $left && $page !== []) {
                $pages[] = $page;
                [$page, $left] = [[], $room];
            }
            array_push($page, ...$group);
            $left -= $height;
        }

        return $page === [] ? $pages : [...$pages, $page];
    }

    /**
     * A row that leads stays with the one it leads to.
     *
     * @param  list<Row>  $rows
     * @return list<non-empty-list<Row>>
     */
    private static function together(array $rows): array
    {
        $groups = [];
        $group = [];
        foreach ($rows as $row) {
            $group[] = $row;
            if (! $row->leads) {
                $groups[] = $group;
                $group = [];
            }
        }

        return $group === [] ? $groups : [...$groups, $group];
    }

    /** @param  list<Row>  $rows */
    private function page(array $rows, int $number, int $of): Scene
    {
        $groups = [new Group('', 'page', '', 0, [
            Shape::rectangle(new Box(0, 0, $this->paper->width, $this->paper->height), Paint::filled('#FFFFFF')),
            ...$this->head(),
            $this->type->label(
                "{$number} of {$of}",
                $this->paper->width - Paper::MARGIN,
                $this->paper->height - Paper::MARGIN,
                new TextStyle(30, Paint::QUIET, false, 1),
            ),
        ])];
        $y = Paper::MARGIN + self::HEAD;
        foreach ($rows as $row) {
            foreach ($row->drawn as $drawn) {
                $groups[] = new Group('', 'drawn', '', 0, $drawn->shapes, Paper::MARGIN + $drawn->x, $y + $drawn->y, scale: $drawn->scale);
            }
            $groups[] = new Group('', 'row', '', 0, $row->shapes, Paper::MARGIN, $y);
            $y += $row->height;
        }

        return new Scene($groups, [], [], []);
    }

    /** @return list<Shape> */
    private function head(): array
    {
        $name = $this->asksName ? 700.0 : 0.0;
        $title = $this->type->fit($this->title, $this->paper->inner() - $name - 40, 70, new TextStyle(48, Paint::INK, true), 32);
        $rule = self::line(Paper::MARGIN, Paper::MARGIN + 100, $this->paper->inner(), 4);
        $shapes = [...$title->shapes(Paper::MARGIN, Paper::MARGIN), $rule];
        if ($this->asksName) {
            $left = $this->paper->width - Paper::MARGIN - $name;
            array_push(
                $shapes,
                $this->type->label('Name', $left, Paper::MARGIN + 50, new TextStyle(36)),
                self::line($left + 110, Paper::MARGIN + 56, $name - 110),
            );
        }

        return $shapes;
    }

    public static function line(float $x, float $y, float $length, float $width = 2): Shape
    {
        return Shape::polyline([[$x, $y], [$x + $length, $y]], Paint::outlined($width > 2 ? Paint::INK : Paint::QUIET, $width));
    }
}
