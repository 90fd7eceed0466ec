<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Pointer;

use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\Interval;

/** While the pointer stands at one place. */
final readonly class Spot extends Interval
{
    /** @param  float  $x and $y in slide units */
    public function __construct(float $from, float $to, public float $x, public float $y)
    {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self($interval->number('from'), $interval->number('to'), $interval->number('x'), $interval->number('y'));
    }

    protected function data(): array
    {
        return ['x' => $this->x, 'y' => $this->y];
    }
}
