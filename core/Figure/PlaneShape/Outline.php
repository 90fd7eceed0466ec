<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Daybright\Figure\Chance;
use Daybright\Figure\Fact;
use Daybright\Figure\Variation;
use Daybright\Maths\Unit;

/** A kind of flat shape with all its measures. */
interface Outline
{
    /** “a rectangle” */
    public function kind(): string;

    public function unit(): Unit;

    /** @return list<Fact> */
    public function facts(): array;

    /** @return list<Fact> */
    public function known(): array;

    /** @return list<Fact> what was not known */
    public function following(): array;

    /**
     * The corners in units of length, y upwards, against the clock; a circle is given by its points.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function corners(): array;

    /**
     * The lines that carry a measure.
     *
     * @return list<array{array{float, float}, array{float, float}, string, string}> from, to, fact, written
     */
    public function dimensions(): array;

    /** Another shape of this kind, with a question about it. */
    public function vary(Chance $chance, int $level): Variation;
}
