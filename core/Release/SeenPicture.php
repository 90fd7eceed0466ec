<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Box;

/** While a slide is seen at one of its steps, with its live blocks in the states that acts left them in. */
final readonly class SeenPicture extends Interval
{
    /**
     * @param  int  $step from 0
     * @param  list<string>  $states names of frozen states of the slide
     * @param  Box|null  $view part of the slide that is seen large; null for all of it
     */
    public function __construct(
        float $from,
        float $to,
        public string $slide,
        public int $step,
        public array $states,
        public ?Box $view = null,
    ) {
        parent::__construct($from, $to);
    }

    /** The same for every moment at which the same is seen. */
    public function key(): string
    {
        $box = $this->view;
        $view = $box === null ? 'whole' : implode(',', [$box->x, $box->y, $box->width, $box->height]);

        return implode(' ', [$this->slide, $this->step, $view, ...$this->states]);
    }

    protected function data(): array
    {
        return ['slide' => $this->slide, 'step' => $this->step, 'states' => $this->states];
    }
}
