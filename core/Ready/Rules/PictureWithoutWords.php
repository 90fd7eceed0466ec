<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Block\ShowsPictures;
use Daybright\Lesson\Media\Medium;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A picture without a description for those who cannot see it, or without its credit and licence. */
final readonly class PictureWithoutWords implements SlideRule
{
    public function name(): string
    {
        return 'picture-without-words';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            foreach (Blocks::able($block, ShowsPictures::class)?->media() ?? [] as $id) {
                $medium = $inspection->media[$id] ?? null;
                $lacks = $medium === null ? [] : self::lacks($medium);
                if ($medium !== null && $lacks !== []) {
                    $findings[] = Finding::ofBlock(
                        $this->name(),
                        "The {$medium::kind()} “{$medium->name}” lacks ".implode(' and ', $lacks).'. Say what it shows and whose it is.',
                        $inspection->slide->id,
                        $block->id,
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<string> */
    private static function lacks(Medium $medium): array
    {
        $given = ['a description' => $medium->description, 'a credit' => $medium->credit, 'a licence' => $medium->licence];

        return array_keys(array_filter($given, static fn (string $text): bool => trim($text) === ''));
    }
}
