<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Block\ShowsPictures;
use Daybright\Deck\Arrangement;
use Daybright\Language\WordCount;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A page kept as it looked, with much written on it: it cannot be laid out again for a phone held upright, and comes out small there. */
final readonly class PageOnPhone implements SlideRule
{
    private const MANY = 25;

    public function name(): string
    {
        return 'page-on-phone';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $slide = $inspection->slide;
        $block = count($slide->blocks) === 1 ? $slide->blocks[0] : null;
        if ($block === null || $slide->title !== '' || $slide->arrangement !== Arrangement::Filled->value) {
            return [];
        }
        $words = 0;
        foreach (Blocks::able($block, ShowsPictures::class)?->media() ?? [] as $id) {
            $words += WordCount::of($inspection->media[$id]->description ?? '');
        }

        return $words < self::MANY ? [] : [Finding::ofBlock(
            $this->name(),
            "On a phone held upright this page is small, with about {$words} words on it. Keep the slide as blocks, or read it aloud.",
            $slide->id,
            $block->id,
        )->about('page')];
    }
}
