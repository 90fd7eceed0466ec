<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\PartKind;
use Daybright\Scene\CardStyle;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Palette;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** Colours, type and ground of a lesson's slides. All of it is drawn here, in vectors. */
abstract class Look
{
    /** In documents, such as “dew”. */
    abstract public static function name(): string;

    abstract public static function label(): string;

    /** What it is like, for a teacher who chooses. */
    abstract public static function sentence(): string;

    abstract public function colours(): LookColours;

    public function cards(): CardStyle
    {
        return new CardStyle;
    }

    /** In slide units. */
    public function titleSize(): float
    {
        return 64;
    }

    /**
     * What lies below the horizon, behind everything else. It keeps to the lower edge of the slide.
     *
     * @return list<Shape>
     */
    protected function land(string $strong, string $tint): array
    {
        return [];
    }

    public function palette(): Palette
    {
        return $this->colours()->palette();
    }

    /**
     * Everything behind the blocks.
     *
     * @param  bool  $withLandscape for slides that have nothing but words
     * @return list<Group> of no block, to be seen from the first step on
     */
    public function ground(Format $format, PartKind $part, string $step, bool $withLandscape = false): array
    {
        $colours = $this->colours();
        $page = $format->page();
        // The land is drawn for the wide page, and stands at the foot of any other.
        $scale = $page->width / Scene::WIDTH;
        $foot = $page->height - Scene::HEIGHT * $scale;
        $land = [
            ...$this->land($colours->strong($part), $colours->tint($part)),
            ...$withLandscape ? $this->landscape($part) : [],
        ];

        return [
            new Group('', 'ground', $step, 0, [Shape::rectangle($page, Paint::filled($colours->ground))]),
            ...$land === [] ? [] : [new Group('', 'land', $step, 0, $land, 0, $foot, scale: $scale)],
            new Group('', 'horizon', $step, 0, Horizon::shapes($format, $part, $colours->strong($part), $colours->hair)),
        ];
    }

    /**
     * A landscape for slides that have nothing but words: the Sun at the hour of the part over two hills.
     *
     * @return list<Shape>
     */
    private function landscape(PartKind $part): array
    {
        $colours = $this->colours();
        $sun = 250 + Horizon::hour($part) * (Scene::WIDTH - 500);
        $height = 660 - 60 * sin(M_PI * Horizon::hour($part));

        return [
            Shape::circle($sun, $height, 120, Paint::filled($colours->tint($part))),
            Shape::circle($sun, $height, 78, Paint::filled($colours->mixed($part, 0.55))),
            Shape::polygon(self::hill(690, 36, 0.4), Paint::filled($colours->mixed($part, 0.16))),
            Shape::polygon(self::hill(756, 34, 2.6), Paint::filled($colours->mixed($part, 0.26))),
        ];
    }

    /**
     * The line of a hill from edge to edge, and the ground below it.
     *
     * @return list<array{float, float}>
     */
    protected static function hill(float $level, float $swing, float $phase): array
    {
        $points = [[0.0, Scene::HEIGHT]];
        for ($x = 0.0; $x <= Scene::WIDTH; $x += 40) {
            $points[] = [$x, $level + $swing * sin($phase + $x / 290) * cos($phase + $x / 700)];
        }
        $points[] = [Scene::WIDTH, Scene::HEIGHT];

        return $points;
    }
}
