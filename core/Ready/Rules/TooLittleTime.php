<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Question\ThinkingTime;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\Remedy;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A question that goes on before it can be read, thought about and answered. */
final readonly class TooLittleTime implements SlideRule
{
    /** Seconds a mark; a minute is what examinations give (common practice). */
    private const LEAST = 10;

    public function name(): string
    {
        return 'too-little-time';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->slide->blocks as $block) {
            $question = Blocks::questionOf($block);
            if ($question === null || ! $question->stops || $question->seconds() >= self::LEAST * $question->marks) {
                continue;
            }
            $long = ThinkingTime::seconds(null, $question->marks);
            $findings[] = Finding::ofBlock(
                $this->name(),
                sprintf(
                    'The lesson waits %d seconds for %d %s. Give students time to read, think and write.',
                    $question->seconds(),
                    $question->marks,
                    $question->marks === 1 ? 'mark' : 'marks',
                ),
                $inspection->slide->id,
                $block->id,
            )->about('seconds')->mendedBy(
                Remedy::called(sprintf('Wait %d minutes', intdiv($long, 60)))
                    ->inBlock($inspection->slide->id, $block->id, 'content/seconds', null),
            );
        }

        return $findings;
    }
}
