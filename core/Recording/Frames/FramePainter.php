<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

/** Paints what a track shows into the pictures of a video. Time only goes on. */
interface FramePainter
{
    /** @return list<float> moments of narration at which it changes */
    public function moments(): array;

    /** Whether it paints over a picture that is used once, rather than into the one that is gone on with. */
    public function isPassing(): bool;

    /** Whether something in the picture has to go, so that the picture must be begun anew. */
    public function hasToGo(float $at, string $slide): bool;

    /** The picture has been begun anew: nothing is in it. */
    public function begin(): void;

    /** @param  string  $frame raw picture, yuv420p */
    public function paint(string &$frame, float $at, string $slide): void;
}
