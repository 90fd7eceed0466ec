<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Box;

/** While a slide is seen at one of its steps, with its live blocks in the states that acts left them in. */
final readonly class SeenPicture extends Interval
{
    /**
     * @param  int  $step from 0
     * @param  list<string>  $states names of frozen states of the slide
     * @param  Box|null  $view part of the slide that is seen large; null for all of it
     * @param  list<Filmed>  $films that are seen beside it, or in its place
     */
    public function __construct(
        float $from,
        float $to,
        public string $slide,
        public int $step,
        public array $states,
        public ?Box $view = null,
        public array $films = [],
    ) {
        parent::__construct($from, $to);
    }

    /** The same for every moment at which the same is seen. */
    public function key(): string
    {
        $box = $this->view;
        $view = $box === null ? 'whole' : implode(',', [$box->x, $box->y, $box->width, $box->height]);
        $room = $this->film(Place::Beside) === null ? 'alone' : 'beside';

        return implode(' ', [$this->slide, $this->step, $view, $room, ...$this->states]);
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->step, $this->states, $this->view, $this->films);
    }

    /** The same with another part of the slide seen large. */
    public function seeing(Box $view): self
    {
        return new self($this->from, $this->to, $this->slide, $this->step, $this->states, $view, $this->films);
    }

    /** What is filmed and seen in a place. */
    public function film(Place $place): ?Filmed
    {
        $films = array_filter($this->films, static fn (Filmed $film): bool => $film->place === $place);
        usort($films, static fn (Filmed $one, Filmed $other): int => $one->source->rank() <=> $other->source->rank());

        return $films[0] ?? null;
    }

    protected function data(): array
    {
        return ['slide' => $this->slide, 'step' => $this->step, 'states' => $this->states];
    }
}
