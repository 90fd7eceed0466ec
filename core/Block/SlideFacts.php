<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Slide;
use WeakMap;

/** The facts of all blocks on a slide, by name; with two figures the first one wins. */
final class SlideFacts
{
    /** @var WeakMap<Slide, array<string, string>>|null */
    private static ?WeakMap $known = null;

    /** @return array<string, string> */
    public static function on(Slide $slide): array
    {
        self::$known ??= new WeakMap;

        return self::$known[$slide] ??= self::gathered($slide);
    }

    /** @return array<string, string> */
    private static function gathered(Slide $slide): array
    {
        $facts = [];
        foreach ($slide->blocks as $block) {
            $facts += Blocks::able($block, KnowsFacts::class)?->facts() ?? [];
        }

        return $facts;
    }
}
