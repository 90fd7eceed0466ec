<?php

declare(strict_types=1);

namespace Daybright\Figure\ScaleReading;

use Daybright\Figure\Drawing\Labels;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A half circle of 180 degrees; the angle opens from its right-hand arm. */
final readonly class Protractor
{
    private float $radius;

    private float $x;

    private float $y;

    public function __construct(private ScaleReading $figure, private Box $box, private RenderContext $context)
    {
        $this->radius = min($box->width / 2 - 70, $box->height - 110);
        $this->x = $box->middleX();
        $this->y = $box->middleY() + $this->radius / 2 - 10;
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $angle = $this->figure->reading->toFloat();
        $labels = new Labels($this->box, $this->context->type);
        $arm = Paint::outlined($this->context->strong, 6);
        $arc = array_map(fn (int $piece): array => $this->point($angle * $piece / 30, 0.3), range(0, 30));
        $scale = $this->scale($labels);

        return [
            'scale' => [...$scale,
                Shape::polyline([[$this->x, $this->y], $this->point(0, 1.08)], $arm),
                Shape::polyline([[$this->x, $this->y], $this->point($angle, 1.08)], $arm),
            ],
            'division' => [
                Shape::polyline(
                    array_map(fn (int $degree): array => $this->point($degree, 1.03), range(0, 5)),
                    Paint::outlined('#A34A00', 7),
                ),
                $this->context->type->label(
                    '1 division = '.$this->figure->in($this->figure->division())->written(),
                    $this->box->x,
                    $this->box->bottom() - 8,
                    new TextStyle(28, '#A34A00', true),
                ),
            ],
            'answer' => [
                Shape::polyline($arc, Paint::outlined($this->context->strong, 4)),
                $this->context->type->label(
                    $this->figure->in($this->figure->reading)->written(),
                    $this->x + 44,
                    $this->box->bottom() - 8,
                    new TextStyle(34, $this->context->strong, true),
                ),
            ],
        ];
    }

    /** @return array{float, float} */
    private function point(float $degrees, float $share): array
    {
        return [$this->x + $this->radius * $share * cos(deg2rad($degrees)), $this->y - $this->radius * $share * sin(deg2rad($degrees))];
    }

    /** @return list<Shape> */
    private function scale(Labels $labels): array
    {
        $edge = array_map(fn (int $degrees): array => $this->point($degrees, 1), range(0, 180, 3));
        $shapes = [Shape::polygon([...$edge], Paint::outlined(Paint::INK, 3, '#FBFAF6'))];
        for ($degrees = 0; $degrees <= 180; $degrees += 5) {
            $isNumbered = $degrees % 10 === 0;
            $shapes[] = Shape::polyline(
                [$this->point($degrees, $isNumbered ? 0.9 : 0.94), $this->point($degrees, 1)],
                Paint::outlined(Paint::INK, $isNumbered ? 3 : 2),
            );
        }
        $labels->keepClearOf(new Box($this->x - 20, $this->y - 20, 40, 40));
        // Every thirty degrees first: in a small box the others are left out.
        foreach ([0, 180, 90, 30, 60, 120, 150, 10, 20, 40, 50, 70, 80, 100, 110, 130, 140, 160, 170] as $degrees) {
            [$x, $y] = $this->point($degrees, 0.8);
            $shapes[] = $labels->optional((string) $degrees, $x, min($y + 10, $this->y - 4), new TextStyle(28, Paint::INK, false, 0.5));
        }

        return array_values(array_filter($shapes));
    }
}
