<?php

declare(strict_types=1);

namespace Daybright\Figure\FunctionGraph;

use Brick\Math\BigRational;
use Daybright\Figure\InvalidQuantities;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;

/** A function of x on a stretch: its values, and the points that matter, found by halving. */
final readonly class Curve
{
    private const PIECES = 480;

    private const MOST_POINTS = 8;

    /**
     * @param  list<float>  $roots
     * @param  list<array{float, float, string}>  $turns x, y, “minimum” or “maximum”
     * @param  float|null  $slope of a straight line; null for any other curve
     */
    private function __construct(
        public string $written,
        private Expression $expression,
        public array $roots,
        public array $turns,
        public ?float $slope,
    ) {
    }

    /** @throws InvalidQuantities */
    public static function parse(string $written, float $from, float $to): self
    {
        $formula = trim((string) preg_replace('/^\s*(y|f\(x\))\s*=\s*/', '', $written));
        try {
            $expression = Parser::readWith($formula, ['x']);
            $sample = $expression->value(['x' => ($from + $to) / 2]);
        } catch (MathsError $error) {
            throw InvalidQuantities::because("“{$written}” cannot be read as a function of x. {$error->getMessage()}", 'functions');
        }
        $at = static fn (float $x): float => $expression->value(['x' => $x]);
        $values = array_map(
            static fn (int $piece): array => [$x = $from + ($to - $from) * $piece / self::PIECES, $at($x)],
            range(0, self::PIECES),
        );
        $isSeen = array_filter($values, static fn (array $value): bool => is_finite($value[1])) !== [];
        if (! $isSeen && ! is_finite($sample)) {
            throw InvalidQuantities::because(
                "“{$written}” has no value anywhere from {$from} to {$to}. Choose another stretch of x.",
                'from',
            );
        }

        return new self(
            strtr($formula, ['-' => '−', '*' => '×']),
            $expression,
            self::findRoots($values, $at),
            self::findTurns($values, $at),
            self::straight($values),
        );
    }

    public function at(float $x): float
    {
        return $this->expression->value(['x' => $x]);
    }

    /** @return list<float> where it meets another curve on a stretch */
    public function crossings(self $other, float $from, float $to): array
    {
        $apart = fn (float $x): float => $this->at($x) - $other->at($x);
        $values = array_map(
            static fn (int $piece): array => [$x = $from + ($to - $from) * $piece / self::PIECES, $apart($x)],
            range(0, self::PIECES),
        );

        return self::findRoots($values, $apart);
    }

    /** @return list<array{float, float}|null> */
    public function values(float $from, float $to): array
    {
        return array_map(function (int $piece) use ($from, $to): ?array {
            $x = $from + ($to - $from) * $piece / self::PIECES;
            $y = $this->at($x);

            return is_finite($y) ? [$x, $y] : null;
        }, range(0, self::PIECES));
    }

    /** A value found by halving: shown as the whole number or simple fraction it comes to, where it does. */
    public static function quantity(float $value): Quantity
    {
        for ($bottom = 1; $bottom <= 12; $bottom++) {
            $top = round($value * $bottom);
            if (abs($top) < 1e9 && abs($value * $bottom - $top) < 1e-7) {
                return Quantity::of(BigRational::nd((int) $top, $bottom));
            }
        }

        return Quantity::approximately($value);
    }

    /**
     * @param  list<array{float, float}>  $values
     * @param  callable(float): float  $at
     * @return list<float>
     */
    private static function findRoots(array $values, callable $at): array
    {
        $roots = [];
        foreach ($values as $number => [$x, $y]) {
            if (abs($y) < 1e-10) {
                $roots[] = $x;
            }
            [$beforeX, $beforeY] = $values[$number - 1] ?? [$x, $y];
            // A change of sign over a gap is a jump of the curve, not a root.
            if ($beforeY * $y < 0 && is_finite($beforeY) && is_finite($y)) {
                $root = self::halved($beforeX, $x, $at);
                if (abs($at($root)) < 1e-6 * max(1.0, abs($beforeY), abs($y))) {
                    $roots[] = $root;
                }
            }
        }
        foreach (self::findTurns($values, $at) as [$x, $y]) {
            if (abs($y) < 1e-9) {
                $roots[] = $x;
            }
        }
        sort($roots);
        $apart = [];
        foreach ($roots as $root) {
            if ($apart === [] || abs($root - $apart[count($apart) - 1]) > 1e-6) {
                $apart[] = abs($root) < 1e-9 ? 0.0 : $root;
            }
        }

        // A line along the axis, or a curve that crosses it without end, has no roots to be named one by one.
        return count($apart) > self::MOST_POINTS ? [] : $apart;
    }

    /** @param  callable(float): float  $at */
    private static function halved(float $low, float $high, callable $at): float
    {
        $sign = $at($low);
        for ($turn = 0; $turn < 60; $turn++) {
            $middle = ($low + $high) / 2;
            if ($sign * $at($middle) <= 0) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * @param  list<array{float, float}>  $values
     * @param  callable(float): float  $at
     * @return list<array{float, float, string}>
     */
    private static function findTurns(array $values, callable $at): array
    {
        $turns = [];
        for ($number = 1; $number < count($values) - 1; $number++) {
            [$before, $here, $after] = [$values[$number - 1][1], $values[$number][1], $values[$number + 1][1]];
            if (! is_finite($before + $here + $after)) {
                continue;
            }
            $isTop = $here >= $before && $here > $after;
            $isBottom = $here <= $before && $here < $after;
            if (! $isTop && ! $isBottom || abs($here - $before) + abs($here - $after) > 1e4 * (1 + abs($here))) {
                continue;
            }
            $x = self::extreme($values[$number - 1][0], $values[$number + 1][0], $at, $isTop ? 1 : -1);
            $y = $at($x);
            // Halving can be no surer of a turn than half the figures of a number: what is nearly round is round.
            $x = abs($x - round($x * 12) / 12) < 2e-6 ? round($x * 12) / 12 : $x;
            $turns[] = [$x, $at($x) === $y || ! is_finite($at($x)) ? $y : $at($x), $isTop ? 'maximum' : 'minimum'];
        }

        return count($turns) > self::MOST_POINTS ? [] : $turns;
    }

    /** @param  callable(float): float  $at */
    private static function extreme(float $low, float $high, callable $at, int $sign): float
    {
        for ($turn = 0; $turn < 80; $turn++) {
            [$one, $other] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            if ($sign * $at($one) < $sign * $at($other)) {
                $low = $one;
            } else {
                $high = $other;
            }
        }

        return ($low + $high) / 2;
    }

    /** @param  list<array{float, float}>  $values */
    private static function straight(array $values): ?float
    {
        [$first, $last] = [$values[0], $values[count($values) - 1]];
        $slope = ($last[1] - $first[1]) / ($last[0] - $first[0]);
        foreach ($values as [$x, $y]) {
            if (! is_finite($y) || abs($first[1] + $slope * ($x - $first[0]) - $y) > 1e-9 * max(1.0, abs($y))) {
                return null;
            }
        }

        return $slope;
    }
}
