<?php

declare(strict_types=1);

namespace Daybright\Figure\Venn;

use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The circles in their frame, each outlined in its own colour and dash, with its count in every region. */
final readonly class Circles
{
    private const SIZE = 34.0;

    /** How wide a place is for what is written into a region. */
    private const PLACE = 90.0;

    public function __construct(private Venn $venn, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $frame = $this->frame();
        $pieces = [
            'sets' => [Shape::rectangle($frame, Paint::outlined(Paint::INK, 3, '#FFFFFF'), 8)],
            'shared' => [],
            'only' => [],
            'neither' => [],
        ];
        [$circles, $names, $places] = $this->set();
        foreach ($circles as $number => [$x, $y, $radius]) {
            $pieces['sets'][] = Shape::circle($x, $y, $radius, (new Series($number, $this->context))->line(5));
        }
        array_push($pieces['sets'], ...$names);
        $middle = (1 << count($this->venn->names)) - 1;
        foreach ($places as $region => [$x, $y]) {
            $piece = $region === 0 ? 'neither' : ($region === $middle ? 'shared' : 'only');
            $written = $this->venn->isBlank ? $this->venn->filledIn($region) : (string) $this->venn->regions[$region];
            if ($written === '') {
                continue;
            }
            $pieces[$this->venn->isBlank ? 'sets' : $piece][] = $this->context->type->label(
                $written,
                $x,
                $y + self::SIZE * 0.34,
                new TextStyle(self::SIZE, Paint::INK, true, $region === 0 ? 1 : 0.5),
            );
        }

        return $pieces;
    }

    /** @return array<int, Box> where the count of each region is written */
    public function places(): array
    {
        $left = static fn (int $region, float $x): float => $region === 0 ? $x - self::PLACE : $x - self::PLACE / 2;
        $places = [];
        foreach ($this->set()[2] as $region => [$x, $y]) {
            $places[$region] = new Box($left($region, $x), $y - self::SIZE * 0.7, self::PLACE, self::SIZE * 1.4);
        }

        return $places;
    }

    private function frame(): Box
    {
        return new Box($this->box->x + 2, $this->box->y + 2, $this->box->width - 4, $this->box->height - 4);
    }

    /** @return array{list<array{float, float, float}>, list<Shape>, array<int, array{float, float}>} circles, names, places of the counts */
    private function set(): array
    {
        return count($this->venn->names) === 2 ? $this->two($this->frame()) : $this->three($this->frame());
    }

    /** The name of a set about a middle, between two limits. */
    private function name(int $number, float $middle, float $left, float $right, float $baseline): Shape
    {
        $style = new TextStyle(32, (new Series($number, $this->context))->colour, true, 0.5);
        [$written, $fitted] = Table::cut($this->venn->names[$number], $right - $left, $style, $this->context->type);
        $half = $this->context->type->width($written, $fitted) / 2;

        return $this->context->type->label($written, max($left + $half, min($right - $half, $middle)), $baseline, $fitted);
    }

    /** @return array{list<array{float, float, float}>, list<Shape>, array<int, array{float, float}>} circles, names, places of the counts */
    private function two(Box $frame): array
    {
        $radius = min(($frame->height - 110) / 2, $frame->width / 3.6);
        $shift = $radius * 0.58;
        [$x, $y] = [$frame->middleX(), $frame->y + 54 + ($frame->height - 108) / 2];

        return [
            [[$x - $shift, $y, $radius], [$x + $shift, $y, $radius]],
            [
                $this->name(0, $x - $shift - $radius * 0.3, $frame->x + 16, $frame->middleX() - 12, $frame->y + 40),
                $this->name(1, $x + $shift + $radius * 0.3, $frame->middleX() + 12, $frame->right() - 16, $frame->y + 40),
            ],
            [
                1 => [$x - $shift - $radius * 0.4, $y],
                2 => [$x + $shift + $radius * 0.4, $y],
                3 => [$x, $y],
                0 => [$frame->right() - 18, $frame->bottom() - 30],
            ],
        ];
    }

    /** @return array{list<array{float, float, float}>, list<Shape>, array<int, array{float, float}>} */
    private function three(Box $frame): array
    {
        $radius = min(($frame->height - 120) / 3.1, $frame->width / 3.6);
        $out = $radius * 0.62;
        [$x, $y] = [$frame->middleX(), $frame->y + 56 + $radius + $out * 0.75];
        $at = static fn (float $degrees, float $far): array => [$x + $far * cos(deg2rad($degrees)), $y - $far * sin(deg2rad($degrees))];
        $centres = [$at(150, $out), $at(30, $out), $at(270, $out)];

        return [
            array_map(static fn (array $centre): array => [$centre[0], $centre[1], $radius], $centres),
            [
                $this->name(0, $centres[0][0], $frame->x + 16, $frame->middleX() - 12, $frame->y + 40),
                $this->name(1, $centres[1][0], $frame->middleX() + 12, $frame->right() - 16, $frame->y + 40),
                $this->name(2, $centres[2][0], $frame->x + 16, $centres[2][0] - $radius * 0.75, $frame->bottom() - 18),
            ],
            [
                1 => $at(150, $out + $radius * 0.45), 2 => $at(30, $out + $radius * 0.45), 4 => $at(270, $out + $radius * 0.45),
                3 => $at(90, $radius * 0.72), 5 => $at(210, $radius * 0.72), 6 => $at(330, $radius * 0.72), 7 => [$x, $y],
                0 => [$frame->right() - 18, $frame->bottom() - 30],
            ],
        ];
    }
}
