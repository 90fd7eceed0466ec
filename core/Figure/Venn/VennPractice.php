<?php

declare(strict_types=1);

namespace Daybright\Figure\Venn;

use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;

/** Other counts for the same sets. */
final readonly class VennPractice
{
    /** @param  list<string>  $names */
    public function __construct(private Chance $chance, private int $level, private array $names)
    {
    }

    /** Level 1 asks for those in only one set, level 2 for those in both, level 3 for those in none. */
    public function two(): Variation
    {
        $both = $this->chance->whole(2, 4 + 4 * $this->level);
        [$onlyA, $onlyB] = [$this->chance->whole(3, 6 + 6 * $this->level), $this->chance->whole(3, 6 + 6 * $this->level)];
        $neither = $this->chance->whole(1, 4 + 4 * $this->level);
        $all = $onlyA + $onlyB + $both + $neither;
        [$a, $b] = [$onlyA + $both, $onlyB + $both];
        [$first, $second] = [mb_strtolower($this->names[0]), mb_strtolower($this->names[1])];
        $quantities = ['sets' => 'two', 'nameA' => $this->names[0], 'nameB' => $this->names[1], 'total' => (string) $all];
        $number = Quantity::of(...);
        if ($this->level === 1) {
            return Variation::ask(
                $quantities + ['A' => (string) $a, 'B' => (string) $b, 'AB' => (string) $both],
                "Of {$all}, {$a} are in “{$first}” and {$b} in “{$second}”; {$both} of them are in both. How many are only in “{$first}”?",
                $number($onlyA),
                [
                    'Those in both were not taken away.' => $number($a),
                    'Those in both were added.' => $number($a + $both),
                    'The second set was taken away from the first.' => $number(abs($a - $b)),
                    'These are only in the other one.' => $number($onlyB),
                ],
            );
        }
        if ($this->level === 2) {
            return Variation::ask(
                $quantities + ['A' => (string) $a, 'B' => (string) $b, 'neither' => (string) $neither],
                "Of {$all}, {$a} are in “{$first}”, {$b} in “{$second}” and {$neither} in neither. How many are in both?",
                $number($both),
                [
                    'The two sets were added.' => $number($a + $b),
                    'Those in neither were forgotten.' => $number(abs($a + $b - $all)),
                    'The smaller set was taken away from the larger.' => $number(abs($a - $b)),
                    'These are only in one of them.' => $number($onlyA),
                ],
            );
        }

        return Variation::ask(
            $quantities + ['onlyA' => (string) $onlyA, 'B' => (string) $b, 'AB' => (string) $both],
            "Of {$all}, {$onlyA} are only in “{$first}”, {$b} in “{$second}” and {$both} in both. How many are in neither?",
            $number($neither),
            [
                'Those in both were taken away twice.' => $number(abs($neither - $both)),
                'Only the second set was taken away.' => $number($all - $b),
                'These are in at least one of them.' => $number($all - $neither),
            ],
        );
    }

    /** Level 1 asks for those in two sets but not in the third, level 2 for those in only one, level 3 for those in none. */
    public function three(): Variation
    {
        [$a, $b, $c, $ab, $ac, $bc, $abc, $none] = array_map(fn (): int => $this->chance->whole(2, 5 + 4 * $this->level), range(1, 8));
        [$inA, $inB, $inC] = [$a + $ab + $ac + $abc, $b + $ab + $bc + $abc, $c + $ac + $bc + $abc];
        [$inAB, $inAC, $inBC] = [$ab + $abc, $ac + $abc, $bc + $abc];
        $union = $a + $b + $c + $ab + $ac + $bc + $abc;
        $all = $union + $none;
        [$first, $second, $third] = array_map(static fn (string $name): string => '“'.mb_strtolower($name).'”', $this->names);
        $counts = ['A' => $inA, 'B' => $inB, 'C' => $inC, 'AB' => $inAB, 'AC' => $inAC, 'BC' => $inBC, 'ABC' => $abc, 'neither' => $none];
        $quantities = [
            'sets' => 'three',
            'nameA' => $this->names[0],
            'nameB' => $this->names[1],
            'nameC' => $this->names[2],
        ] + array_map(strval(...), $counts);
        $number = static fn (int $count): Quantity => Quantity::of(abs($count));

        return match ($this->level) {
            1 => Variation::ask(
                $quantities,
                "{$inAB} are in both {$first} and {$second}; {$abc} of them are in all three sets. How many are in {$first} and {$second}, but not in {$third}?",
                $number($ab),
                [
                    'Those in all three were not taken away.' => $number($inAB),
                    'Those in all three were added.' => $number($inAB + $abc),
                    'These are in all three.' => $number($abc),
                ],
            ),
            2 => Variation::ask(
                $quantities,
                "{$inA} are in {$first}. Of them {$inAB} are in {$second} too, {$inAC} in {$third} too, and {$abc} in all three. How many are only in {$first}?",
                $number($a),
                [
                    'Those in all three were taken away twice.' => $number($inA - $inAB - $inAC),
                    'Those in all three were taken away three times.' => $number($inA - $inAB - $inAC - $abc),
                    'Those in all three were not taken away at all.' => $number($inA - $ab - $ac),
                    'Only one of the other sets was taken away.' => $number($inA - $inAB),
                ],
            ),
            default => Variation::ask(
                $quantities,
                "Of {$all}, {$inA} are in {$first}, {$inB} in {$second} and {$inC} in {$third}; {$inAB} are in the first two, {$inAC} in the first and the third, {$inBC} in the last two, and {$abc} in all three. How many are in none?",
                $number($none),
                [
                    'These are in at least one of them.' => $number($union),
                    'Those in all three were not put back.' => $number($none + $abc),
                    'Those in two sets were counted twice.' => $number($all - $inA - $inB - $inC),
                ],
            ),
        };
    }
}
