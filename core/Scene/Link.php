<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A place on a slide that leads to a side slide. */
final readonly class Link
{
    /**
     * @param  string  $slide id of the slide that it leads to
     * @param  string  $label what is to be found there, in words
     * @param  non-empty-list<Box>  $areas where it can be touched, about the zero of its group
     */
    public function __construct(public string $slide, public string $label, public array $areas)
    {
    }

    public function scaled(float $scale): self
    {
        return new self($this->slide, $this->label, array_map(static fn (Box $area): Box => $area->scaled($scale), $this->areas));
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->slide, $this->label, array_map(static fn (Box $area): Box => $area->moved($x, $y), $this->areas));
    }
}
