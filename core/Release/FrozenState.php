<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;

/** A live block as acts left it: its drawing in the place that it has on the slide, and what it shows in words. */
final readonly class FrozenState
{
    /**
     * @param  FrozenPicture  $wide its groups alone
     * @param  FrozenPicture|null  $tall null where the slide has no tall page, or the state no room on it
     */
    public function __construct(
        public string $block,
        public FrozenPicture $wide,
        public ?FrozenPicture $tall,
        public string $description,
    ) {
    }

    public static function read(Fields $state): self
    {
        return new self(
            $state->text('block'),
            new FrozenPicture($state->text('svg'), []),
            $state->has('tall') ? new FrozenPicture($state->text('tall'), []) : null,
            $state->text('description'),
        );
    }

    /**
     * Without what appears at some steps.
     *
     * @param  list<string>  $later ids of the steps
     * @param  int  $step the last one that is left, from 0
     */
    public function without(array $later, int $step): self
    {
        return $later === [] ? $this : new self(
            $this->block,
            $this->wide->without($later, $step),
            $this->tall?->without($later, $step),
            $this->description,
        );
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return [
            'block' => $this->block,
            'svg' => $this->wide->svg,
            'description' => $this->description,
            ...$this->tall === null ? [] : ['tall' => $this->tall->svg],
        ];
    }
}
