<?php

declare(strict_types=1);

namespace App\Replies;

use Daybright\Block\AsksAgain;
use Daybright\Block\Blocks;
use Daybright\Figure\Variation;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;

/** Students who made the same slip, with questions for them to practise it away. */
final class SlipGroups
{
    /** Levels of the questions of a set, in their order. */
    private const LEVELS = [1, 1, 2, 2, 3];

    /** @return list<array{slip: string, prompt: string, students: list<string>, items: list<array{text: string, answer: string}>}> the largest first */
    public static function show(ClassReplies $replies): array
    {
        $groups = [];
        foreach ($replies->questions as $block => $question) {
            foreach ($replies->answersTo($block)->whereNotNull('earned') as $answer) {
                $slip = $answer->earned < $answer->out_of ? $question->slip($answer->given) : null;
                if ($slip !== null && $slip !== '') {
                    $groups[$slip] ??= ['slip' => $slip, 'prompt' => $question->prompt, 'students' => [], 'block' => $block];
                    $groups[$slip]['students'][] = $answer->visit->student->name;
                }
            }
        }
        usort($groups, static fn (array $one, array $other): int => count($other['students']) <=> count($one['students']));

        return array_map(static function (array $group) use ($replies): array {
            $students = array_values(array_unique($group['students']));
            sort($students);

            return [
                'slip' => $group['slip'],
                'prompt' => $group['prompt'],
                'students' => $students,
                'items' => self::items($replies, $group['block'], $group['slip']),
            ];
        }, $groups);
    }

    /** @return list<array{text: string, answer: string}> none where nothing on those slides varies */
    private static function items(ClassReplies $replies, string $block, string $slip): array
    {
        $items = [];
        foreach (self::LEVELS as $number => $level) {
            foreach (self::blocksFor($replies, $block) as $asking) {
                $item = Blocks::able($asking, AsksAgain::class)?->another(crc32($slip) % 900_000 + $number, $level)?->item;
                if ($item !== null) {
                    $items[$item->prompt] = ['text' => $item->prompt, 'answer' => Variation::written($item->answer)];

                    break;
                }
            }
        }

        return array_values($items);
    }

    /** @return list<Block> of the slide that asks, then of those that serve an aim with it */
    private static function blocksFor(ClassReplies $replies, string $block): array
    {
        $slides = $replies->lesson?->slides() ?? [];
        $holds = static fn (Slide $slide): bool => in_array($block, array_column($slide->blocks, 'id'), true);
        $own = array_values(array_filter($slides, $holds));
        $aims = $own[0]->aims ?? [];
        $others = array_filter($slides, static fn (Slide $slide): bool => ! $holds($slide) && array_intersect($slide->aims, $aims) !== []);

        return array_merge(...array_map(static fn (Slide $slide): array => $slide->blocks, [...$own, ...array_values($others)]));
    }
}
