<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** Words that came out smaller than a phone or the back row can read. */
final readonly class SmallType implements SlideRule
{
    /** In slide units. */
    private const LEAST = 32.0;

    public function name(): string
    {
        return 'small-type';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->scene->fields as $block => $fields) {
            $sizes = [INF];
            foreach ($block === '' ? [] : $fields as $field) {
                $sizes[] = $field->style->size;
            }
            // What does not fit at all is told by a rule of its own.
            if (min($sizes) < self::LEAST && ! in_array($block, $inspection->scene->overfull, true)) {
                $findings[] = Finding::ofBlock(
                    $this->name(),
                    'These words came out small. Shorten them, or put a part of this slide onto another one.',
                    $inspection->slide->id,
                    (string) $block,
                );
            }
        }

        return $findings;
    }
}
