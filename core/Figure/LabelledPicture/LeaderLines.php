<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Figure\Drawing\Bank;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Names in the margins to the left and right, joined to their points by lines that do not cross. */
final readonly class LeaderLines implements Labels
{
    private const MARGIN = 0.26;

    /** Height of what is written at a part whose name was taken out. */
    private const BLANK = 60.0;

    /** Room that a name has at the most, from top to bottom. */
    private const NAME = 110.0;

    /** What the margins and the list of names leave for the picture. */
    private Box $room;

    private Ground $ground;

    public function __construct(private LabelledPicture $figure, private Box $box, private RenderContext $context)
    {
        $side = min(320.0, $box->width * self::MARGIN);
        $this->room = new Box($box->x + $side, $box->y + 4, $box->width - 2 * $side, $box->height - 8 - $figure->bankHeight());
        $this->ground = new Ground($figure->pictures()[0] ?? '', $this->room, $context);
    }

    public function pieces(): array
    {
        $pieces = ['picture' => $this->ground->shapes()];
        foreach ($this->ports() as $number => [$portX, $portY, $isLeft]) {
            [$x, $y] = $this->ground->place($this->figure->points[$number]);
            $text = $this->text($number, $portY, $isLeft);
            $pieces['part-'.($number + 1)] = [
                Shape::polyline([[$x, $y], [$portX, $portY]], Paint::outlined('#FFFFFF', 6)),
                Shape::polyline([[$x, $y], [$portX, $portY]], Paint::outlined(Paint::INK, 2.5)),
                Shape::circle($x, $y, 9, Paint::outlined('#FFFFFF', 3, $this->context->strong)),
                ...$text,
            ];
        }
        if ($this->figure->view === 'bank') {
            $pieces['picture'] = [...$pieces['picture'], ...$this->bank()->shapes()];
        }

        return $pieces;
    }

    /**
     * The end of each leader line, evenly spaced in its margin where no height is wished.
     *
     * Wishes for a margin are followed as long as no line crosses one to the other margin: those that do are given up.
     *
     * @return array<int, array{float, float, bool}> number of the point => x, y, whether it stands on the left
     */
    private function ports(): array
    {
        $places = array_map($this->ground->place(...), $this->figure->points);
        $wishes = array_filter(array_map(static fn (Point $point): ?string => $point->side, $this->figure->points));
        do {
            $ports = $this->dealt($places, $wishes);
            $kept = array_diff_key($wishes, array_flip(self::crossing($places, $ports)));
            $isSettled = count($kept) === count($wishes);
            $wishes = $kept;
        } while (! $isSettled);

        return $ports;
    }

    /**
     * Every point gets a margin, half of them the left one; ends are dealt out from top to bottom, and two whose lines cross are swapped.
     *
     * A swap makes the two lines together shorter, so the swapping comes to an end, and at the end none cross.
     *
     * @param  array<int, array{float, float}>  $places
     * @param  array<int, string>  $wishes number of the point => left or right
     * @return array<int, array{float, float, bool}>
     */
    private function dealt(array $places, array $wishes): array
    {
        $ports = [];
        foreach (self::sides($places, $wishes) as $name => $side) {
            usort($side, static fn (int $one, int $other): int => $places[$one][1] <=> $places[$other][1]);
            $x = $name === 'left' ? $this->ground->box->x - 14 : $this->ground->box->right() + 14;
            [$side, $heights] = $this->heights($side, $wishes);
            foreach ($this->uncrossed(
                array_map(static fn (int $number): array => $places[$number], $side),
                $x,
                $heights,
            ) as $at => $height) {
                $ports[$side[$at]] = [$x, $height, $name === 'left'];
            }
        }
        ksort($ports);

        return $ports;
    }

    /**
     * Heights in a margin from the top down: as wished or evenly, moved only as far as names need to keep apart.
     *
     * @param  list<int>  $side numbers of points
     * @param  array<int, string>  $wishes
     * @return array{list<int>, list<float>} the numbers in the order of their heights, and the heights
     */
    private function heights(array $side, array $wishes): array
    {
        $slot = $this->room->height / max(1, count($side));
        $wished = [];
        foreach ($side as $at => $number) {
            $height = isset($wishes[$number]) ? $this->figure->points[$number]->height : null;
            $wished[$number] = $height === null ? $this->room->y + ($at + 0.5) * $slot : $this->room->y + $height * $this->room->height;
        }
        asort($wished);
        $apart = min($slot, self::NAME);
        $heights = array_values($wished);
        foreach (array_keys($heights) as $at) {
            $heights[$at] = max($heights[$at], $this->room->y + ($at + 0.5) * $apart, $at === 0 ? 0.0 : $heights[$at - 1] + $apart);
        }
        foreach (array_reverse(array_keys($heights)) as $below => $at) {
            $lowest = $this->room->bottom() - ($below + 0.5) * $apart;
            $heights[$at] = min($heights[$at], $lowest, $below === 0 ? INF : $heights[$at + 1] - $apart);
        }

        return [array_keys($wished), array_values($heights)];
    }

    /**
     * @param  array<int, array{float, float}>  $places
     * @param  array<int, string>  $wishes
     * @return array{left: list<int>, right: list<int>} numbers of points
     */
    private static function sides(array $places, array $wishes): array
    {
        $free = array_keys(array_diff_key($places, $wishes));
        usort($free, static fn (int $one, int $other): int => [$places[$one][0], $one] <=> [$places[$other][0], $other]);
        $left = array_keys($wishes, 'left', true);
        $room = max(0, min(count($free), (int) ceil(count($places) / 2) - count($left)));

        return [
            'left' => [...$left, ...array_slice($free, 0, $room)],
            'right' => [...array_keys($wishes, 'right', true), ...array_slice($free, $room)],
        ];
    }

    /**
     * @param  array<int, array{float, float}>  $places
     * @param  array<int, array{float, float, bool}>  $ports
     * @return list<int> numbers of points whose line crosses another
     */
    private static function crossing(array $places, array $ports): array
    {
        $crossing = [];
        foreach ($ports as $one => [$x, $y]) {
            foreach ($ports as $other => [$otherX, $otherY]) {
                if ($one < $other && self::cross($places[$one], [$x, $y], $places[$other], [$otherX, $otherY])) {
                    array_push($crossing, $one, $other);
                }
            }
        }

        return $crossing;
    }

    /**
     * @param  list<array{float, float}>  $places
     * @param  list<float>  $heights
     * @return list<float> the height of each one's port
     */
    private function uncrossed(array $places, float $x, array $heights): array
    {
        do {
            $swapped = false;
            foreach ($places as $one => $place) {
                for ($other = $one + 1; $other < count($places); $other++) {
                    if (self::cross($place, [$x, $heights[$one]], $places[$other], [$x, $heights[$other]])) {
                        [$heights[$one], $heights[$other]] = [$heights[$other], $heights[$one]];
                        $swapped = true;
                    }
                }
            }
        } while ($swapped);

        return array_values($heights);
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    public static function cross(array $a, array $b, array $c, array $d): bool
    {
        return self::turn($a, $b, $c) * self::turn($a, $b, $d) < -1e-9 && self::turn($c, $d, $a) * self::turn($c, $d, $b) < -1e-9;
    }

    /**
     * On which side of the way from one point to another a third lies, by the sign.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $point
     */
    private static function turn(array $from, array $to, array $point): float
    {
        return ($to[0] - $from[0]) * ($point[1] - $from[1]) - ($to[1] - $from[1]) * ($point[0] - $from[0]);
    }

    /** @return list<Shape> */
    private function text(int $number, float $y, bool $isLeft): array
    {
        $ground = $this->ground->box;
        $width = ($isLeft ? $ground->x - $this->box->x : $this->box->right() - $ground->right()) - 28;
        if ($this->figure->view !== 'names') {
            $x = $isLeft ? $ground->x - 40 : $ground->right() + 40;
            $blank = $this->blank($y, $isLeft);
            $given = $this->figure->givenAt($number);
            $height = min(self::NAME, $this->room->height / max(1, $this->figure->mostInAMargin()));
            $style = new TextStyle(34, Paint::INK, true, $isLeft ? 1 : 0, 1.1);
            $set = $this->context->type->fit($given, $blank->width, $height, $style);
            $line = Shape::polyline([[$blank->x, $y + 14], [$blank->right(), $y + 14]], Paint::outlined(Paint::QUIET, 2.5));

            return [
                Shape::circle($x, $y, 22, Paint::outlined($this->context->strong, 3, '#FFFFFF')),
                $this->context->type->label((string) ($number + 1), $x, $y + 10, new TextStyle(28, Paint::INK, true, 0.5)),
                ...$given === '' ? [$line] : $set->shapes($blank->x, $y - $set->height() / 2),
            ];
        }
        $slot = $this->room->height / max(1, $this->figure->mostInAMargin());
        $set = $this->name($number, $width, $slot, $isLeft);

        return $set->shapes($isLeft ? $ground->x - 22 - $width : $ground->right() + 22, $y - $set->height() / 2);
    }

    public function blanks(): array
    {
        return array_map(fn (array $port): Box => $this->blank($port[1], $port[2]), $this->ports());
    }

    /** Beside the number of a part. */
    private function blank(float $y, bool $isLeft): Box
    {
        $x = $isLeft ? $this->box->x + 6 : $this->ground->box->right() + 70;
        $right = $isLeft ? $this->ground->box->x - 70 : $this->box->right() - 6;

        return new Box($x, $y - self::BLANK / 2, $right - $x, self::BLANK);
    }

    private function name(int $number, float $width, float $height, bool $isLeft): SetText
    {
        return $this->context->type->fit(
            $this->figure->points[$number]->name,
            $width,
            min(self::NAME, $height),
            new TextStyle(36, Paint::INK, true, $isLeft ? 1 : 0, 1.15),
        );
    }

    public function names(): array
    {
        return $this->bank()->places();
    }

    private function bank(): Bank
    {
        return $this->figure->bank($this->box, $this->context);
    }
}
