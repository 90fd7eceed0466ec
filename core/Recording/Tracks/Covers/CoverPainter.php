<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Covers;

use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Frames\Patch;
use Daybright\Recording\Playhead;

/** Lays covers over the picture, over what is drawn there too. */
final class CoverPainter implements FramePainter
{
    /** The browser draws the same (web/tracks/covers/show.tsx). */
    private const COLOUR = '#66757D';

    /** @var Playhead<Cover> */
    private readonly Playhead $playhead;

    /** @param  list<Cover>  $covers */
    public function __construct(private readonly array $covers, private readonly FrameSize $size)
    {
        $this->playhead = new Playhead($covers);
    }

    public function moments(): array
    {
        return array_merge(...array_map(static fn (Cover $cover): array => [$cover->from, $cover->to], $this->covers));
    }

    public function isPassing(): bool
    {
        return true;
    }

    public function hasToGo(float $at, string $slide): bool
    {
        return false;
    }

    public function begin(): void
    {
    }

    public function paint(string &$frame, float $at, string $slide): void
    {
        foreach ($this->playhead->at($at) as $cover) {
            if ($cover->slide === $slide) {
                Patch::fill($frame, $cover->box, self::COLOUR, $this->size);
            }
        }
    }
}
