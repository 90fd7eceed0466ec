<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Block\Blocks;
use Daybright\Block\ExplainsTerm;
use Daybright\Block\Stops;
use Daybright\Language\Materials;
use Daybright\Language\WordCount;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Statement;

/** What rules about the whole lesson need to know of a slide's blocks, so that they need not be read again. */
final readonly class SlideSummary
{
    /**
     * @param  bool  $asks whether there is a question on it
     * @param  int  $waits seconds that the lesson stops there
     * @param  array<string, int>  $terms that it explains, each with the number of the step at which its card is there, from 0
     * @param  list<string>  $words different ones that tell something
     * @param  array<string, string>  $materials that its script asks for, each with the id of the step that does so first
     */
    private function __construct(
        public bool $asks,
        public int $waits,
        public array $terms,
        public array $words,
        public array $materials,
    ) {
    }

    public static function of(Slide $slide): self
    {
        $asks = false;
        $waits = 0;
        $terms = [];
        $texts = [];
        foreach ($slide->blocks as $block) {
            $asks = $asks || Blocks::questionOf($block) !== null;
            $waits += Blocks::able($block, Stops::class)?->waits() ?? 0;
            $term = trim(Blocks::able($block, ExplainsTerm::class)?->term() ?? '');
            $terms += $term === '' ? [] : [$term => $slide->stepNumber($block->step)];
            $said = array_map(static fn (Statement $statement): string => $statement->text, Blocks::read($block)->statements());
            $texts = [...$texts, ...$said];
        }

        $materials = [];
        foreach ($slide->steps as $step) {
            $materials += array_fill_keys(Materials::askedFor($step->script), $step->id);
        }

        return new self($asks, $waits, $terms, WordCount::telling(implode(' ', $texts)), $materials);
    }

    public static function read(Fields $summary): self
    {
        $terms = $summary->fields('terms');
        $names = array_map(strval(...), $terms->names());
        $materials = $summary->fields('materials');

        return new self(
            $summary->flag('asks'),
            $summary->whole('waits'),
            array_combine($names, array_map($terms->whole(...), $names)),
            $summary->texts('words'),
            array_combine($materials->names(), array_map($materials->text(...), $materials->names())),
        );
    }
}
