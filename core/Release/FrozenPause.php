<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\Clock;

/** A place where the narration waits, with what is asked or played there. Its answer is not in it. */
final readonly class FrozenPause
{
    /**
     * @param  float  $at milliseconds of narration
     * @param  int  $seconds to wait
     * @param  array<string, mixed>|null  $question what a student may know before answering
     * @param  bool  $getsUp whether it is a break in which to move
     * @param  bool  $sealed whether what is asked or played is still far off for the student who looks
     */
    public function __construct(
        public float $at,
        public string $block,
        public string $slide,
        public int $seconds,
        public string $prompt,
        public bool $exitCheck,
        public ?array $question,
        public ?FrozenClip $clip = null,
        public bool $sealed = false,
        public bool $getsUp = false,
    ) {
    }

    public static function read(Fields $pause): self
    {
        return new self(
            $pause->number('at'),
            $pause->text('block'),
            $pause->text('slide'),
            $pause->whole('seconds'),
            $pause->text('prompt'),
            $pause->flag('exitCheck'),
            $pause->has('question') ? $pause->fields('question')->named() : null,
            $pause->has('clip') ? FrozenClip::read($pause->fields('clip')) : null,
            getsUp: $pause->flag('getsUp'),
        );
    }

    /** Without what it asks or plays. */
    public function sealed(): self
    {
        return new self($this->at, $this->block, $this->slide, $this->seconds, '', $this->exitCheck, null, null, true);
    }

    /** The same, later by some samples of narration or, where the number is negative, earlier. */
    public function moved(int $samples): self
    {
        $at = Clock::moved($this->at, $samples);

        return new self(
            $at,
            $this->block,
            $this->slide,
            $this->seconds,
            $this->prompt,
            $this->exitCheck,
            $this->question,
            $this->clip,
            getsUp: $this->getsUp,
        );
    }

    /** @return array<mixed> */
    public function toArray(): array
    {
        $fields = get_object_vars($this);
        unset($fields['sealed'], $fields['clip'], $fields['getsUp']);

        return $fields
            + ($this->clip === null ? [] : ['clip' => $this->clip->toArray()])
            + ($this->sealed ? ['sealed' => true] : [])
            + ($this->getsUp ? ['getsUp' => true] : []);
    }
}
