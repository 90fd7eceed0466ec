<?php

declare(strict_types=1);

namespace Daybright\Figure\Solid;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** Questions about boxes of other sizes, of the kind that is shown: the box, its unit cubes, its net, or the boxes of one volume. */
final readonly class SolidPractice
{
    public function __construct(private Chance $chance, private int $level, private Unit $unit)
    {
    }

    /** Level 1 asks for a volume, level 2 for the volume of a filling, level 3 for a missing edge. */
    public function box(): Variation
    {
        [$length, $width, $height] = [
            $this->chance->whole(3, 10 + 2 * $this->level),
            $this->chance->whole(2, 9),
            $this->chance->whole(3, 9),
        ];
        $quantities = $this->edges($length, $width, $height, 'box');
        $edges = "{$this->in($length)->written()} long and {$this->in($width)->written()} wide";
        $volume = $length * $width * $height;
        if ($this->level === 1) {
            return Variation::ask(
                $quantities,
                "A box is {$edges} and {$this->in($height)->written()} high. What is its volume?",
                $this->in($volume, 3),
                [
                    'The edges were added instead of multiplied.' => $this->in($length + $width + $height, 3),
                    'This is the area of the base only.' => $this->in($length * $width, 3),
                    'This is a length, not a volume.' => $this->in($volume),
                ],
            );
        }
        if ($this->level === 2) {
            $fill = $this->chance->whole(1, $height - 1);

            return Variation::ask(
                $quantities + ['fill' => (string) $fill],
                "A box is {$edges} and {$this->in($height)->written()} high. It is filled {$this->in($fill)->written()} high. What is the volume of the filling?",
                $this->in($length * $width * $fill, 3),
                [
                    'This is the volume of the whole box.' => $this->in($volume, 3),
                    'This is what is still empty.' => $this->in($volume - $length * $width * $fill, 3),
                    'This is the area of the base only.' => $this->in($length * $width, 3),
                ],
            );
        }

        return Variation::ask(
            $quantities,
            "A box is {$edges}. Its volume is {$this->in($volume, 3)->written()}. How high is it?",
            $this->in($height),
            [
                'This is the height times the width: divide by both edges of the base.' => $this->in($width * $height),
                'The edges were added before dividing.' => $this->in(BigRational::nd($volume, $length + $width)),
                'This is a volume, not a length.' => $this->in($height, 3),
            ],
        );
    }

    /** Level 1 asks for the cubes of a layer, level 2 for the volume, level 3 for the number of layers. */
    public function cubes(): Variation
    {
        [$length, $width, $height] = [$this->chance->whole(3, 9), $this->chance->whole(2, 6), $this->chance->whole(2, 8)];
        $quantities = $this->edges($length, $width, $height, 'cubes');
        $number = static fn (int|BigRational $count): Quantity => Quantity::of($count);
        $volume = $length * $width * $height;

        return match ($this->level) {
            1 => Variation::ask(
                $quantities,
                "A box is filled with unit cubes: {$length} along, {$width} across, {$height} up. How many cubes are in one layer?",
                $number($length * $width),
                [
                    'These are the cubes of the whole box.' => $number($volume),
                    'Along and across were added.' => $number($length + $width),
                    'This is one side wall.' => $number($length * $height),
                ],
            ),
            2 => Variation::ask(
                $quantities,
                "A box is filled with cubes whose edges are {$this->in(1)->written()}: {$length} along, {$width} across, {$height} up. What is its volume?",
                $this->in($volume, 3),
                [
                    'This is one layer only.' => $this->in($length * $width, 3),
                    'The three numbers were added.' => $this->in($length + $width + $height, 3),
                    'A volume is counted in cubes, not in lengths.' => $this->in($volume),
                ],
            ),
            default => Variation::ask(
                $quantities,
                "A box takes {$volume} unit cubes. A layer is {$length} along and {$width} across. How many layers are there?",
                $number($height),
                [
                    'It was divided by one edge of the layer only.' => $number($width * $height),
                    'Along and across were added before dividing.' => $number(BigRational::nd($volume, $length + $width)),
                    'The layer was taken away once.' => $number($volume - $length * $width),
                ],
            ),
        };
    }

    /** Level 1 asks for the surface of a cube, level 2 of a box, level 3 for the height from the surface. */
    public function net(): Variation
    {
        $length = $this->chance->whole(3, $this->level === 1 ? 20 : 12);
        [$width, $height] = $this->level === 1 ? [$length, $length] : [$this->chance->whole(2, 9), $this->chance->whole(2, 9)];
        $quantities = $this->edges($length, $width, $height, 'net');
        $surface = 2 * ($length * $width + $length * $height + $width * $height);
        $edges = "{$this->in($length)->written()} long and {$this->in($width)->written()} wide";

        return match ($this->level) {
            1 => Variation::ask(
                $quantities,
                "All edges of a cube are {$this->in($length)->written()}. What is its surface?",
                $this->in($surface, 2),
                [
                    'This is one face only.' => $this->in($length ** 2, 2),
                    'Only the four side walls were counted.' => $this->in(4 * $length ** 2, 2),
                    'This is the volume.' => $this->in($length ** 3, 3),
                    'The edges were added.' => $this->in(12 * $length),
                ],
            ),
            2 => Variation::ask(
                $quantities,
                "A box is {$edges} and {$this->in($height)->written()} high. What is its surface?",
                $this->in($surface, 2),
                [
                    'Every face is there twice: this is half of them.' => $this->in(intdiv($surface, 2), 2),
                    'Top and bottom were left out.' => $this->in($surface - 2 * $length * $width, 2),
                    'This is the volume.' => $this->in($length * $width * $height, 3),
                ],
            ),
            default => Variation::ask(
                $quantities,
                "A box is {$edges}. Its surface is {$this->in($surface, 2)->written()}. How high is it?",
                $this->in($height),
                [
                    'Top and bottom were not taken away first.' => $this->in(BigRational::nd($surface, 2 * ($length + $width))),
                    'Only one of top and bottom was taken away.' => $this->in(BigRational::nd(
                        $surface - $length * $width,
                        2 * ($length + $width),
                    )),
                    'It was divided by the base, as a volume is.' => $this->in(BigRational::nd($surface, $length * $width)),
                ],
            ),
        };
    }

    /** Level 1 and 2 ask how many boxes with whole edges there are, level 2 with a limit, level 3 what doubling all edges does. */
    public function ofOneVolume(): Variation
    {
        $volume = $this->chance->one([8, 12, 16, 18, 20, 24, 27, 28, 30, 32, 36, 40, 42, 45, 48, 50, 54, 56, 60, 64, 72]);
        $all = Solid::boxes($volume, 0);
        $quantities = ['mode' => 'volume', 'volume' => $volume, 'unit' => $this->unit->symbol(), 'view' => 'box'];
        $number = static fn (int $count): Quantity => Quantity::of($count);
        $story = "The edges of a box are whole numbers, and its volume is {$this->in($volume, 3)->written()}.";
        if ($this->level === 3) {
            return Variation::ask(
                $quantities,
                "A box has a volume of {$this->in($volume, 3)->written()}. All its edges are doubled. What is its volume then?",
                $this->in(8 * $volume, 3),
                [
                    'The volume was only doubled.' => $this->in(2 * $volume, 3),
                    'Two edges were doubled, not three.' => $this->in(4 * $volume, 3),
                    'Two times three was taken instead of two times two times two.' => $this->in(6 * $volume, 3),
                ],
            );
        }
        if ($this->level === 1) {
            return Variation::ask($quantities, "{$story} How many different boxes are there?", $number(count($all)), [
                'The same box turned round was counted again.' => $number(array_sum(array_map(self::turns(...), $all))),
                'Boxes with an edge of 1 were left out.' => $number(count(array_filter($all, static fn (array $box): bool => $box[2] > 1))),
                'One box was missed.' => $number(count($all) - 1),
                'One box was counted twice.' => $number(count($all) + 1),
            ]);
        }
        $longest = $this->chance->one(array_map(static fn (array $box): int => $box[0], array_slice($all, 0, -1)) ?: [$volume]);
        $allowed = Solid::boxes($volume, $longest);

        return Variation::ask(
            $quantities + ['longest' => $longest],
            "{$story} No edge is longer than {$this->in($longest)->written()}. How many different boxes are there?",
            $number(count($allowed)),
            [
                'The limit was forgotten.' => $number(count($all)),
                'Edges as long as the limit are allowed.' => $number(count(Solid::boxes($volume, $longest - 1))),
                'The same box turned round was counted again.' => $number(array_sum(array_map(self::turns(...), $allowed))),
                'One box was missed.' => $number(count($allowed) - 1),
            ],
        );
    }

    /**
     * In how many ways a box can stand.
     *
     * @param  array{int, int, int}  $edges
     */
    private static function turns(array $edges): int
    {
        return [1 => 1, 2 => 3, 3 => 6][count(array_unique($edges))];
    }

    /** @return array<string, string> */
    private function edges(int $length, int $width, int $height, string $view): array
    {
        return [
            'mode' => 'edges',
            'length' => (string) $length,
            'width' => (string) $width,
            'height' => (string) $height,
            'unit' => $this->unit->symbol(),
            'view' => $view,
        ];
    }

    private function in(int|BigRational $number, int $power = 1): Quantity
    {
        return Quantity::of($number, $this->unit->power($power));
    }
}
