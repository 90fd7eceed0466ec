<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** What each way through a script costs, in mean distances for a window of 20 ms; found out by trial (see docs/decisions/alignment.md). */
final readonly class SearchCosts
{
    public function __construct(
        /** Speaking slower, and faster, than the reference. */
        public float $stay = 0.12,
        public float $jump = 0.15,
        /** The least that silence costs, and the most. */
        public float $silence = 0.1,
        public float $mostSilence = 1.9,
        /** Speech that is not in the script, window by window; beginning any gap. */
        public float $unmatched = 1.6,
        public float $gap = 1.0,
        /** Leaving a sentence out, and beginning one again; null where neither is looked for. */
        public ?float $skip = 20.0,
        public float $restart = 2.0,
        /** Beginning one again that was found at that, and is not heard twice. */
        public float $doubted = 8.0,
        /** What is worse by more than this is not followed up. */
        public float $beam = 40.0,
    ) {
    }

    public function withoutDepartures(): self
    {
        return $this->with($this->mostSilence, $this->unmatched, null, $this->beam);
    }

    public function wider(): self
    {
        return $this->with($this->mostSilence, $this->unmatched, $this->skip, $this->beam * 4);
    }

    /** As a take is found to match its script, and other speech not to. */
    public function calibrated(Calibration $found): self
    {
        $unmatched = $found->matched + 0.6 * max(0.1, $found->unmatched - $found->matched);

        return $this->with(max($unmatched, $this->silence) + 0.3, $unmatched, $this->skip, $this->beam);
    }

    private function with(float $mostSilence, float $unmatched, ?float $skip, float $beam): self
    {
        return new self(
            $this->stay,
            $this->jump,
            $this->silence,
            $mostSilence,
            $unmatched,
            $this->gap,
            $skip,
            $this->restart,
            $this->doubted,
            $beam,
        );
    }
}
