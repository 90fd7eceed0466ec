<?php

declare(strict_types=1);

namespace Daybright\Figure\MotionGraph;

use Daybright\Maths\Quantity;

/**
 * Motion with constant acceleration: all five quantities, as plain numbers of m/s, m/s², m and s.
 *
 * v = u + a t, s = ½ (u + v) t, v² = u² + 2 a s
 */
final readonly class Motion
{
    public function __construct(public Quantity $u, public Quantity $v, public Quantity $a, public Quantity $s, public Quantity $t)
    {
    }

    /**
     * Every motion that fits, in order of the time it takes; none when there is none.
     *
     * @param  array<string, Quantity>  $known exactly three of u, v, a, s, t
     * @return list<self>
     */
    public static function from(array $known): array
    {
        ksort($known);
        $half = static fn (Quantity $number): Quantity => $number->over(Quantity::of(2));
        $two = Quantity::of(2);
        $k = $known;
        $isZero = static fn (Quantity $number): bool => $number->value->isZero();
        $solutions = match (implode('', array_keys($k))) {
            'auv' => $isZero($k['a']) ? [] : [self::overTime($k['u'], $k['v'], $k['v']->minus($k['u'])->over($k['a']), $k['a'])],
            'suv' => $isZero($k['u']->plus($k['v']))
                ? []
                : [self::overTime($k['u'], $k['v'], $k['s']->times($two)->over($k['u']->plus($k['v'])))],
            'tuv' => [self::overTime($k['u'], $k['v'], $k['t'])],
            'atu' => [self::overTime($k['u'], $k['u']->plus($k['a']->times($k['t'])), $k['t'], $k['a'])],
            'atv' => [self::overTime($k['v']->minus($k['a']->times($k['t'])), $k['v'], $k['t'], $k['a'])],
            'stu' => $isZero($k['t']) ? [] : [self::overTime($k['u'], $k['s']->times($two)->over($k['t'])->minus($k['u']), $k['t'])],
            'stv' => $isZero($k['t']) ? [] : [self::overTime($k['s']->times($two)->over($k['t'])->minus($k['v']), $k['v'], $k['t'])],
            'ast' => $isZero($k['t'])
                ? []
                : [self::overTime(
                    $k['s']->over($k['t'])->minus($half($k['a']->times($k['t']))),
                    $k['s']->over($k['t'])->plus($half($k['a']->times($k['t']))),
                    $k['t'],
                    $k['a'],
                )],
            'asu' => self::byRoot($k['u'], $k['a'], $k['s'], true),
            default => self::byRoot($k['v'], $k['a'], $k['s'], false),
        };
        $possible = array_values(array_filter($solutions, static fn (self $each): bool => ! $each->t->value->isNegative()));
        usort($possible, static fn (self $one, self $other): int => $one->t->value->compareTo($other->t->value));

        return $possible;
    }

    private static function overTime(Quantity $u, Quantity $v, Quantity $t, ?Quantity $a = null): self
    {
        $acceleration = $a ?? ($t->value->isZero() ? Quantity::of(0) : $v->minus($u)->over($t));

        return new self($u, $v, $acceleration, $u->plus($v)->over(Quantity::of(2))->times($t), $t);
    }

    /**
     * v = ±√(u² + 2 a s), or u = ±√(v² − 2 a s).
     *
     * @return list<self>
     */
    private static function byRoot(Quantity $speed, Quantity $a, Quantity $s, bool $isStart): array
    {
        if ($a->value->isZero()) {
            return $speed->value->isZero() ? [] : [self::overTime($speed, $speed, $s->over($speed), $a)];
        }
        $change = $a->times($s)->times(Quantity::of(2));
        $square = $isStart ? $speed->times($speed)->plus($change) : $speed->times($speed)->minus($change);
        if ($square->value->isNegative()) {
            return [];
        }
        $root = $square->root();
        $other = new Quantity($root->value->negated(), $root->unit, $root->exact);
        $solutions = [];
        foreach ($root->value->isZero() ? [$root] : [$root, $other] as $found) {
            [$u, $v] = $isStart ? [$speed, $found] : [$found, $speed];
            $solutions[] = new self($u, $v, $a, $s, $v->minus($u)->over($a));
        }

        return $solutions;
    }
}
