<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Block\PlaysClip;
use Daybright\Lesson\Media\Clip\ClipMedium;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A clip in which something is heard, and that says nothing to who cannot hear it (WCAG 2.2, 1.2.2). */
final readonly class ClipWithoutCaptions implements SlideRule
{
    public function name(): string
    {
        return 'clip-without-captions';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            $clip = Blocks::able($block, PlaysClip::class)?->clip();
            $medium = $inspection->media[$clip->medium ?? ''] ?? null;
            if ($clip !== null && $clip->captions === [] && $medium instanceof ClipMedium && $medium->isHeard()) {
                $findings[] = Finding::ofBlock(
                    $this->name(),
                    "The clip “{$medium->name}” has sound and no captions. Type what is said or heard in it, or bring a WebVTT file in.",
                    $inspection->slide->id,
                    $block->id,
                );
            }
        }

        return $findings;
    }
}
