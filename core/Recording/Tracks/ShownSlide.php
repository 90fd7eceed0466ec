<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Fields;

/** While a slide is seen at one of its steps. */
final readonly class ShownSlide extends Interval
{
    /** @param  int  $step from 0 */
    public function __construct(float $from, float $to, public string $slide, public int $step)
    {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self($interval->number('from'), $interval->number('to'), $interval->text('slide'), $interval->whole('step'));
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->step);
    }

    protected function data(): array
    {
        return ['slide' => $this->slide, 'step' => $this->step];
    }
}
