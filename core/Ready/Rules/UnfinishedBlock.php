<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Block;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A figure that cannot be drawn, a question without an answer, a picture that was never chosen. */
final readonly class UnfinishedBlock implements SlideRule
{
    public function name(): string
    {
        return 'unfinished';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            $sentence = $inspection->scene->problems[$block->id] ?? self::missing($block);
            if ($sentence !== null) {
                $findings[] = Finding::ofBlock($this->name(), $sentence, $inspection->slide->id, $block->id);
            }
        }

        return $findings;
    }

    private static function missing(Block $block): ?string
    {
        return Blocks::able($block, Unfinished::class)?->missing();
    }
}
