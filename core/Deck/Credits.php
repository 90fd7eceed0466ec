<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\Blocks;
use Daybright\Block\ShowsPictures;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;

/** Whose the pictures of a lesson are, and under which licences: each owner once, with what is theirs. */
final class Credits
{
    /** The slide that shows them, where a lesson has one. */
    public const SLIDE = 'credits';

    /** @return list<string> a line for each owner and licence, in the order in which their pictures are seen */
    public static function of(Lesson $lesson): array
    {
        $owned = [];
        foreach (self::used($lesson) as $medium) {
            $owner = trim($medium->credit);
            if ($owner !== '') {
                $owned[$owner.self::licence($medium->licence)][] = self::named($medium);
            }
        }
        $lines = [];
        foreach ($owned as $owner => $names) {
            $lines[] = implode(', ', array_unique($names)).': '.$owner;
        }

        return $lines;
    }

    /** @return array<string, Medium> by id, of the pictures that stand on a slide */
    private static function used(Lesson $lesson): array
    {
        $used = [];
        foreach ($lesson->slides() as $slide) {
            $ofBlocks = array_map(
                static fn (Block $block): array => Blocks::able($block, ShowsPictures::class)?->media() ?? [],
                $slide->blocks,
            );
            foreach ([$slide->drawing, ...array_merge(...$ofBlocks)] as $id) {
                if (isset($lesson->media[$id])) {
                    $used[$id] = $lesson->media[$id];
                }
            }
        }

        return $used;
    }

    private static function licence(string $licence): string
    {
        return match ($licence) {
            '', 'own' => '',
            'public domain', 'with permission' => ", {$licence}",
            default => ', '.strtoupper($licence),
        };
    }

    private static function named(Medium $medium): string
    {
        return $medium->description !== '' ? $medium->description : pathinfo($medium->name, PATHINFO_FILENAME);
    }
}
