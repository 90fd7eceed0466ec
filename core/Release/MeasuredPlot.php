<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Block\Blocks;
use Daybright\Block\FedByTable;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Block;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Scene\SvgWriter;

/** Where a plot shows the numbers of a table that students fill, each sees it drawn from their own. */
final readonly class MeasuredPlot
{
    public function __construct(private SlidePainter $painter)
    {
    }

    /**
     * @param  string  $table id of the block that was filled
     * @param  string  $given as the student’s page sends it
     * @return string|null SVG; null where nothing is fed by the table, or cannot be drawn from what was written
     */
    public function draw(Lesson $lesson, string $table, string $given): ?string
    {
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                if ($block->source?->id === $table && Blocks::able($block, FedByTable::class) !== null) {
                    return $this->fedBy($lesson, $slide, $block, $given);
                }
            }
        }

        return null;
    }

    private function fedBy(Lesson $lesson, Slide $slide, Block $plot, string $given): ?string
    {
        $source = $plot->source;
        try {
            $measured = $source === null ? null : self::filled($source, GivenAnswer::map($given));
        } catch (InvalidAnswer) {
            return null;
        }
        $scene = $this->painter->paint($lesson, $slide->with([$plot->fedBy($measured)]));

        return $scene->problems === [] ? (new SvgWriter(static fn (): string => ''))->write($scene) : null;
    }

    /** @param  array<string, string>  $given “row-column” => what was written */
    private static function filled(Block $table, array $given): Block
    {
        $rows = $table->content->rows('rows');
        foreach ($rows as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $written = $given["{$row}-{$column}"] ?? null;
                // What a student writes is no instruction to the table.
                $rows[$row][$column] = $written === null ? $cell : ltrim(str_replace(['{', '}'], '', $written), '? ');
            }
        }

        return $table->with(new Fields(['rows' => $rows] + $table->content->raw(), $table->content->pointer));
    }
}
