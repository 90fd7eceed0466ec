<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Acts;

use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\Interval;

/** While a live block is in a state that an act brought it to. */
final readonly class Act extends Interval
{
    /**
     * @param  string  $slide that the block stands on
     * @param  array<mixed>  $change merge patch (RFC 7396) of the block's content; empty once the act is frozen
     * @param  bool  $isFirst whether the block is still as it was saved
     * @param  string  $state name of the frozen state, by which the slide keeps its drawing; empty before
     * @param  string  $words what was done; known once it is frozen
     */
    public function __construct(
        float $from,
        float $to,
        public string $slide,
        public string $block,
        public array $change,
        public bool $isFirst,
        public string $state = '',
        public string $words = '',
    ) {
        parent::__construct($from, $to);
    }

    /** As a release keeps it: what the content was is not told any more, only what it looked like. */
    public function frozen(string $state, string $words): self
    {
        return new self($this->from, $this->to, $this->slide, $this->block, [], false, $state, $words);
    }

    public static function read(Fields $interval): self
    {
        return new self(
            $interval->number('from'),
            $interval->number('to'),
            $interval->text('slide'),
            $interval->text('block'),
            $interval->fields('change')->raw(),
            $interval->flag('isFirst'),
            $interval->text('state', ''),
            $interval->text('words', ''),
        );
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->block, $this->change, $this->isFirst, $this->state, $this->words);
    }

    protected function data(): array
    {
        $place = ['slide' => $this->slide, 'block' => $this->block];

        return $this->state === ''
            ? $place + ['change' => (object) $this->change, 'isFirst' => $this->isFirst]
            : $place + ['state' => $this->state, 'words' => $this->words];
    }
}
