<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Block\LeadsOutside;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A link that cannot be opened, or of which nobody knows why to open it. */
final readonly class LinkTrouble implements SlideRule
{
    public function name(): string
    {
        return 'link-trouble';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            $link = Blocks::able($block, LeadsOutside::class)?->link();
            $trouble = $link === null ? null : $link->fault() ?? (trim($link->why) === '' ? 'It does not say why to look at it.' : null);
            if ($link !== null && $trouble !== null) {
                $title = trim($link->title) === '' ? 'without a title' : "“{$link->title}”";
                $findings[] = Finding::ofBlock($this->name(), "The link {$title}: {$trouble}", $inspection->slide->id, $block->id);
            }
        }

        return $findings;
    }
}
