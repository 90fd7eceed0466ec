<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** More on a slide than can be read. */
final readonly class FullSlide implements SlideRule
{
    public function name(): string
    {
        return 'full-slide';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        return array_map(
            fn (string $block): Finding => Finding::ofBlock(
                $this->name(),
                'This does not fit on the slide, even in the smallest legible type. Shorten it, or move it to a slide of its own.',
                $inspection->slide->id,
                $block,
            ),
            $inspection->scene->overfull,
        );
    }
}
