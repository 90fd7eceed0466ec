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

/** Rows set on A4 pages, each with the title and its number. Units are tenths of a millimetre. */
final readonly class Pages
{
    public const WIDTH = 2100.0;

    public const HEIGHT = 2970.0;

    public const MARGIN = 180.0;

    private const HEAD = 150.0;

    private const FOOT = 70.0;

    public function __construct(private Typesetter $type, private string $title, private bool $asksName)
    {
    }

    public static function width(): float
    {
        return self::WIDTH - 2 * self::MARGIN;
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Scene>
     */
    public function of(array $rows): array
    {
        $pages = self::broken($rows);

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
    private static function broken(array $rows): array
    {
        $room = self::HEIGHT - 2 * self::MARGIN - self::HEAD - self::FOOT;
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
            Shape::rectangle(new Box(0, 0, self::WIDTH, self::HEIGHT), Paint::filled('#FFFFFF')),
            ...$this->head(),
            $this->type->label(
                "{$number} of {$of}",
                self::WIDTH - self::MARGIN,
                self::HEIGHT - self::MARGIN,
                new TextStyle(30, Paint::QUIET, false, 1),
            ),
        ])];
        $y = self::MARGIN + self::HEAD;
        foreach ($rows as $row) {
            $groups[] = new Group('', 'row', '', 0, $row->shapes, self::MARGIN, $y);
            $y += $row->height;
        }

        return new Scene($groups, [], [], []);
    }

    /** @return list<Shape> */
    private function head(): array
    {
        $name = $this->asksName ? 700.0 : 0.0;
        $title = $this->type->fit($this->title, self::width() - $name - 40, 70, new TextStyle(48, Paint::INK, true), 32);
        $shapes = [...$title->shapes(self::MARGIN, self::MARGIN), self::line(self::MARGIN, self::MARGIN + 100, self::width(), 4)];
        if ($this->asksName) {
            $left = self::WIDTH - self::MARGIN - $name;
            array_push(
                $shapes,
                $this->type->label('Name', $left, self::MARGIN + 50, new TextStyle(36)),
                self::line($left + 110, self::MARGIN + 56, $name - 110),
            );
        }

        return $shapes;
    }

    public static function line(float $x, float $y, float $length, float $width = 2): Shape
    {
        return Shape::polyline([[$x, $y], [$x + $length, $y]], Paint::outlined($width > 2 ? Paint::INK : Paint::QUIET, $width));
    }
}
