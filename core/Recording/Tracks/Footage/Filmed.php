<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

use Daybright\Lesson\Fields;
use Daybright\Recording\Clock;
use Daybright\Recording\Tracks\Interval;

/** While the camera, a window or a clip is seen. */
final readonly class Filmed extends Interval
{
    /**
     * @param  string  $slide that is seen beside it, or would be seen in its place
     * @param  string  $footage id; of a clip “clip:” and the hash of its bytes
     * @param  float  $begins milliseconds of narration at which the film’s own zero stands: where the slide’s take begins or, of a clip,
     *                        somewhere before it is seen
     * @param  string  $description of what a window or a clip shows
     */
    public function __construct(
        float $from,
        float $to,
        public string $slide,
        public string $footage,
        public Source $source,
        public Place $place,
        public float $begins,
        public string $description,
    ) {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self(
            $interval->number('from'),
            $interval->number('to'),
            $interval->text('slide'),
            $interval->text('footage'),
            Source::tryFrom($interval->text('source')) ?? Source::Camera,
            Place::tryFrom($interval->text('place')) ?? Place::Beside,
            $interval->number('begins'),
            $interval->text('description', ''),
        );
    }

    /** @return string|null the hash of the clip’s bytes; null of what was filmed */
    public function clip(): ?string
    {
        return $this->source === Source::Clip ? substr((string) strrchr($this->footage, ':'), 1) : null;
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->footage, $this->source, $this->place, $this->begins, $this->description);
    }

    public function moved(int $samples): static
    {
        return new self(
            Clock::moved($this->from, $samples),
            Clock::moved($this->to, $samples),
            $this->slide,
            $this->footage,
            $this->source,
            $this->place,
            Clock::moved($this->begins, $samples),
            $this->description,
        );
    }

    protected function data(): array
    {
        return [
            'slide' => $this->slide,
            'footage' => $this->footage,
            'source' => $this->source->value,
            'place' => $this->place->value,
            'begins' => $this->begins,
            'description' => $this->description,
        ];
    }
}
