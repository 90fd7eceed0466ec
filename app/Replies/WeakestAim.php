<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Share;
use Daybright\Block\AnotherItem;
use Daybright\Block\AsksAgain;
use Daybright\Block\Blocks;
use Daybright\Block\Question\QuestionBlock;
use Daybright\Lesson\Aim;
use Daybright\Lesson\Block;
use Daybright\Watching\AimReached;

/** The aim of a lesson of which a class earned the smallest share of the marks, and how it can be asked about again. */
final readonly class WeakestAim
{
    private function __construct(private ClassReplies $replies, public Aim $aim, public float $facility)
    {
    }

    /** @return self|null null while nothing that serves an aim is marked */
    public static function of(Share $share): ?self
    {
        $replies = ClassReplies::of($share);
        $weakest = null;
        foreach ($replies->lesson->aims ?? [] as $aim) {
            $facility = AimReplies::facility($replies, $replies->blocksServing($aim->id));
            if ($facility !== null && ($weakest === null || $facility < $weakest->facility)) {
                $weakest = new self($replies, $aim, $facility);
            }
        }

        return $weakest;
    }

    /** A level that the class can do: 1 to 3. */
    public function level(): int
    {
        return match (AimReached::byShare($this->facility)) {
            AimReached::NotYet => 1,
            AimReached::Nearly => 2,
            AimReached::Can => 3,
        };
    }

    /** Of the first figure, practice or worked example that serves it and varies. */
    public function anotherItem(int $seed): ?AnotherItem
    {
        foreach ($this->blocks() as $block) {
            $item = Blocks::able($block, AsksAgain::class)?->another($seed, $this->level());
            if ($item !== null) {
                return $item;
            }
        }

        return null;
    }

    /** @return Block|null that asks the question of which the class earned the smallest share of the marks */
    public function hardestQuestion(): ?Block
    {
        $asking = array_filter($this->blocks(), self::standsAlone(...));
        usort($asking, fn (Block $one, Block $other): int => $this->facilityOf($one) <=> $this->facilityOf($other));

        return $asking[0] ?? null;
    }

    /** Without pictures and numbers of the slide that it stands on. */
    private static function standsAlone(Block $block): bool
    {
        $question = $block->kind === QuestionBlock::name() ? Blocks::questionOf($block) : null;

        return $question !== null && $question->media() === [] && preg_match('/\{\w+\}/', $question->prompt.$question->answer()) === 0;
    }

    private function facilityOf(Block $block): float
    {
        return AimReplies::facility($this->replies, [$block->id]) ?? INF;
    }

    /** @return list<Block> on slides that serve it */
    private function blocks(): array
    {
        $blocks = [];
        foreach ($this->replies->lesson?->slides() ?? [] as $slide) {
            array_push($blocks, ...in_array($this->aim->id, $slide->aims, true) ? $slide->blocks : []);
        }

        return $blocks;
    }
}
