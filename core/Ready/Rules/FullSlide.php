<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Finding;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;

/** More on a slide than can be read. */
final readonly class FullSlide implements Rule
{
    public function name(): string
    {
        return 'full-slide';
    }

    public function check(Inspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->scenes as $slide => $scene) {
            foreach ($scene->overfull as $block) {
                $findings[] = Finding::ofBlock($this->name(), 'This does not fit on the slide, even in the smallest legible type. Shorten it, or move it to a slide of its own.', $slide, $block);
            }
        }

        return $findings;
    }
}
