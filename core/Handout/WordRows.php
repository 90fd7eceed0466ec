<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Block\Blocks;
use Daybright\Block\ExplainsTerm;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Paint;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** The words of a lesson on paper: its key words, and the terms that its cards explain, each with room for what it means. */
final readonly class WordRows
{
    private const SIZE = 40.0;

    private const LINE = 90.0;

    public function __construct(private Typesetter $type, private Paper $paper)
    {
    }

    /** @return list<Row> none where there are no words */
    public function of(Lesson $lesson): array
    {
        $words = $this->words($lesson);
        if ($words === []) {
            return [];
        }
        $heading = $this->type->set('Words to know', $this->paper->inner(), new TextStyle(52, Paint::INK, true));

        return [
            new Row($heading->height() + 20, $heading->shapes(0, 0), true),
            ...array_map($this->row(...), $words),
            new Row(40, []),
        ];
    }

    /** @return list<string> each once */
    private function words(Lesson $lesson): array
    {
        $words = $lesson->keyWords;
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $words[] = PlainWords::read(Blocks::able($block, ExplainsTerm::class)?->term() ?? '');
            }
        }
        $once = [];
        foreach (array_filter(array_map(trim(...), $words)) as $word) {
            $once[mb_strtolower($word)] ??= $word;
        }

        return array_values($once);
    }

    private function row(string $word): Row
    {
        $third = $this->paper->inner() / 3;
        $set = $this->type->set($word, $third - 40, new TextStyle(self::SIZE, Paint::INK, true));
        $height = max(self::LINE, $set->height() + 20);

        return new Row($height, [
            ...$set->shapes(0, $height - $set->height()),
            Pages::line($third, $height, $this->paper->inner() - $third),
        ]);
    }
}
