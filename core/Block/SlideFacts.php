<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Block\Figure\FigureBlock;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Slide;

/** The facts of all figures on a slide, by name; with two figures the first one wins. */
final class SlideFacts
{
    /** @return array<string, string> */
    public static function of(Slide $slide): array
    {
        $facts = [];
        $kind = new FigureBlock;
        foreach ($slide->blocks as $block) {
            if ($block->kind !== $kind->name()) {
                continue;
            }
            try {
                foreach ($kind->figure($block->content)->facts() as $fact) {
                    $facts += [$fact->name => $fact->written];
                }
            } catch (InvalidQuantities) {
                continue;
            }
        }

        return $facts;
    }
}
