<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The numbers of points on a picture, each on its place and moved aside only as far as earlier ones require. */
final readonly class NumberedPlaces
{
    public const RADIUS = 23.0;

    private const APART = 50.0;

    private const TURNS = 400;

    /** @var list<array{float, float}> by number of the point */
    public array $places;

    /** @param  list<Point>  $points */
    public function __construct(array $points, Ground $ground, private RenderContext $context)
    {
        $places = [];
        foreach ($points as $point) {
            $places[] = self::free($ground->place($point), $ground, $places);
        }
        $this->places = $places;
    }

    /** @return list<Shape> */
    public function sign(int $number): array
    {
        return $this->signAt($number, ...$this->places[$number]);
    }

    /**
     * The same sign beside its name.
     *
     * @return list<Shape>
     */
    public function signAt(int $number, float $x, float $y): array
    {
        return [
            Shape::circle($x, $y, self::RADIUS, Paint::outlined('#FFFFFF', 3, $this->context->strong)),
            $this->context->type->label((string) ($number + 1), $x, $y + 10, new TextStyle(28, '#FFFFFF', true, 0.5)),
        ];
    }

    /**
     * In a widening spiral about its own place, never beyond the picture.
     *
     * @param  array{float, float}  $place
     * @param  list<array{float, float}>  $taken
     * @return array{float, float}
     */
    private static function free(array $place, Ground $ground, array $taken): array
    {
        [$x, $y] = $place;
        $edge = self::RADIUS + 1;
        $at = $place;
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $at = [
                max($ground->box->x + $edge, min($ground->box->right() - $edge, $x + cos($turn) * $turn * 0.9)),
                max($ground->box->y + $edge, min($ground->box->bottom() - $edge, $y + sin($turn) * $turn * 0.9)),
            ];
            if (! self::meets($at, $taken)) {
                break;
            }
        }

        return $at;
    }

    /**
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $taken
     */
    private static function meets(array $at, array $taken): bool
    {
        foreach ($taken as $other) {
            if (hypot($at[0] - $other[0], $at[1] - $other[1]) < self::APART) {
                return true;
            }
        }

        return false;
    }
}
