<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Language\ReadingLevel;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Statement;
use Daybright\Lesson\Step;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A text or a script that asks more of its readers than the class can give. */
final readonly class HardToRead implements SlideRule
{
    /** Fewer words say nothing about how hard a text is. */
    private const LEAST_WORDS = 30;

    /** Years above the class that are still a stretch and no trouble. */
    private const STRETCH = 2;

    public function name(): string
    {
        return 'hard-to-read';
    }

    public function cost(): Cost
    {
        return Cost::Excludes;
    }

    public function check(SlideInspection $inspection): array
    {
        $year = $inspection->readingYear;
        if ($year === null) {
            return [];
        }
        $slide = $inspection->slide;
        $script = implode(' ', array_map(static fn (Step $step): string => $step->script, $slide->steps));
        $findings = [];
        foreach (['What stands on this slide' => self::text($slide), 'The script of this slide' => $script] as $what => $text) {
            $level = ReadingLevel::measure($text);
            if ($level !== null && $level->words >= self::LEAST_WORDS && $level->grade() > $year + self::STRETCH) {
                $findings[] = Finding::ofSlide(
                    $this->name(),
                    "{$what} reads like school year "
                        .(int) round($level->grade())
                        .", the class is in year {$year}. Use shorter sentences and shorter words.",
                    $slide->id,
                );
            }
        }

        return $findings;
    }

    private static function text(Slide $slide): string
    {
        $texts = [];
        foreach ($slide->blocks as $block) {
            $texts = [
                ...$texts,
                ...array_map(static fn (Statement $statement): string => $statement->text, Blocks::read($block)->statements()),
            ];
        }

        return implode("\n", $texts);
    }
}
