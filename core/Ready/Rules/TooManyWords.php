<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\AsksQuestion;
use Daybright\Block\Blocks;
use Daybright\Block\HoldsTable;
use Daybright\Block\TakesRoom;
use Daybright\Language\WordCount;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** More words on a slide than a class reads while it listens; a slide that they do not even fit on is told of already. */
final readonly class TooManyWords implements SlideRule
{
    private const MOST = 40;

    public function name(): string
    {
        return 'too-many-words';
    }

    public function cost(): Cost
    {
        return Cost::Tires;
    }

    public function check(SlideInspection $inspection): array
    {
        $slide = $inspection->slide;
        if ($inspection->scene->overfull !== []) {
            return [];
        }
        $words = 0;
        foreach ($inspection->scene->groups as $group) {
            $block = $slide->block($group->block);
            $content = $block === null ? null : Blocks::read($block);
            // Who answers has the time to read, and a table or a figure is looked at and not read through.
            $isRead = $content !== null && ! $content instanceof AsksQuestion && ! $content instanceof TakesRoom;
            $words += $isRead && ! $content instanceof HoldsTable ? WordCount::of($group->written()) : 0;
        }

        return $words <= self::MOST ? [] : [Finding::ofSlide(
            $this->name(),
            "{$words} words stand on this slide. Keep to ".self::MOST.' and say the rest, or make two slides of it.',
            $slide->id,
        )->about('words')];
    }
}
