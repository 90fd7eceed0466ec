<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

use Closure;

/** Makes slides of a lesson out of slides that were read: a step a click, a block a thing, the notes as script. */
final class SlideBlocks
{
    private const MOST_BLOCKS = 40;

    private const MOST_STEPS = 40;

    /** Letters of a title, a text, a script and a cell, as the schema has them. */
    private const TITLE = 200;

    private const TEXT = 4000;

    private const CELL = 300;

    private const MOST_ROWS = 20;

    private const MOST_COLUMNS = 8;

    /** @var list<string> what was cut off, a sentence each */
    public array $findings = [];

    /**
     * @param  Closure(string): string  $newId gets “slide”, “step” or “block”
     * @param  array<string, string>  $media id of each picture by the name of its part; those that cannot be shown are missing
     */
    public function __construct(private readonly Closure $newId, private readonly array $media)
    {
    }

    /**
     * @param  int  $number of the slide, from 1
     * @param  array{id: string, steps: non-empty-list<array{id: string, script: string, pause: int}>}|null  $same the same slide in another
     *     way, whose id and steps it keeps: what was recorded on the one fits the other
     * @return array{id: string, steps: non-empty-list<array{id: string, script: string, pause: int}>}&array<string, mixed> a slide as the
     *     document has it
     */
    public function slide(ReadSlide $read, int $number, ?array $same = null): array
    {
        $steps = $same['steps'] ?? $this->steps($read, $number);
        $blocks = [];
        foreach ($read->pieces as $piece) {
            $content = $this->content($piece, $number);
            if ($content !== null) {
                $blocks[] = [
                    'id' => ($this->newId)('block'),
                    ...$content,
                    'region' => 'main',
                    'step' => $steps[min($piece->click(), count($steps) - 1)]['id'],
                    'reveals' => (object) [],
                ];
            }
        }
        if (count($blocks) > self::MOST_BLOCKS) {
            $this->findings[] = "Slide {$number} holds more than ".self::MOST_BLOCKS.' things; the last ones were left out.';
        }

        return [
            'id' => $same['id'] ?? ($this->newId)('slide'),
            'title' => $this->cut($read->title, self::TITLE, "The title of slide {$number}"),
            'side' => false,
            'arrangement' => $read->isFilled || $read->standsOnItsPicture() ? 'filled' : 'whole',
            'aims' => [],
            'steps' => $steps,
            'blocks' => array_slice($blocks, 0, self::MOST_BLOCKS),
        ];
    }

    /** @return non-empty-list<array{id: string, script: string, pause: int}> */
    private function steps(ReadSlide $read, int $number): array
    {
        $count = max(1, min($read->clicks() + 1, self::MOST_STEPS));
        $scripts = self::scripts($read->notes, $count);
        $steps = [];
        for ($step = 0; $step < $count; $step++) {
            $script = $this->cut($scripts[$step] ?? '', self::TEXT, "The notes of slide {$number}");
            $steps[] = ['id' => ($this->newId)('step'), 'script' => $script, 'pause' => 0];
        }

        return $steps;
    }

    /**
     * A paragraph a step where there are as many; else all is said with the first.
     *
     * @param  list<string>  $notes
     * @return array<int, string> by number of the step
     */
    private static function scripts(array $notes, int $steps): array
    {
        return count($notes) === $steps ? $notes : [implode("\n", $notes)];
    }

    /** @return array{kind: string, content: array<string, mixed>}|null */
    private function content(ReadPiece $piece, int $number): ?array
    {
        if ($piece instanceof ReadText) {
            $text = $this->cut(implode("\n", $piece->paragraphs), self::TEXT, "A text of slide {$number}");

            return trim($text) === '' ? null : ['kind' => 'text', 'content' => ['text' => $text]];
        }
        if ($piece instanceof ReadTable) {
            return ['kind' => 'table', 'content' => $this->table($piece, $number)];
        }
        if ($piece instanceof ReadChart) {
            return ['kind' => 'figure', 'content' => ['figure' => 'data-plot', 'quantities' => $piece->quantities]];
        }
        if (! $piece instanceof ReadPicture || ! isset($this->media[$piece->part])) {
            return null;
        }
        $content = ['medium' => $this->media[$piece->part], 'caption' => $piece->caption];

        return ['kind' => 'picture', 'content' => $piece->crop === null ? $content : $content + ['recipe' => ['crop' => $piece->crop]]];
    }

    /** @return array<string, mixed> */
    private function table(ReadTable $table, int $number): array
    {
        if (count($table->rows) > self::MOST_ROWS || count($table->rows[0]) > self::MOST_COLUMNS) {
            $this->findings[] = "A table of slide {$number} is larger than ".self::MOST_ROWS.' rows and '.self::MOST_COLUMNS
                .' columns; the rest was left out.';
        }
        $rows = array_map(
            fn (array $row): array => array_map(
                fn (string $cell): string => $this->cut($cell, self::CELL, "A cell of slide {$number}"),
                array_slice($row, 0, self::MOST_COLUMNS),
            ),
            array_slice($table->rows, 0, self::MOST_ROWS),
        );

        return ['rows' => $rows, 'hasHead' => $table->hasHead, 'hasSide' => $table->hasSide];
    }

    private function cut(string $text, int $most, string $what): string
    {
        if (mb_strlen($text) <= $most) {
            return $text;
        }
        $this->findings[] = "{$what} is longer than {$most} letters; the end was left out.";

        return mb_substr($text, 0, $most);
    }
}
