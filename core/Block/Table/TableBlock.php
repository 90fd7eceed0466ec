<?php

declare(strict_types=1);

namespace Daybright\Block\Table;

use Daybright\Block\AsksQuestion;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\HoldsTable;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Live;
use Daybright\Block\SpreadsOut;
use Daybright\Block\Stops;
use Daybright\Block\Unfinished;
use Daybright\Block\WrittenInPlace;
use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Fields;
use Daybright\Maths\Table\Table;
use Daybright\Question\Kinds\FillTable\FillTable;
use Daybright\Question\Question;
use Daybright\Scene\RenderContext;

/** Rows and columns of words and numbers, some worked out; with cells left for the student it is a question. */
final readonly class TableBlock implements AsksQuestion, HoldsTable, Live, SpreadsOut, Stops, Unfinished, WrittenInPlace
{
    /** Columns that a plot shows. */
    private const PLOTTED = 4;

    private const ROWS = 'rows';

    private const TYPED = 'typed';

    /** Letters of a cell that is typed into. */
    private const LONGEST = 200;

    /** @param  list<list<string>>  $rows as they were typed */
    private function __construct(private Table $table, private bool $hasSide, private Question $question, private array $rows)
    {
    }

    public static function name(): string
    {
        return 'table';
    }

    public static function label(): string
    {
        return 'Table';
    }

    public static function blank(): array
    {
        return [
            'rows' => [['', '', ''], ['', '', ''], ['', '', '']],
            'hasHead' => true,
            'hasSide' => false,
            'prompt' => 'Fill in the empty cells.',
            'marks' => 2,
            'stops' => true,
            'tolerance' => '',
        ];
    }

    public static function answerPiece(): string
    {
        return 'answer';
    }

    public static function from(Fields $content): self
    {
        $rows = self::typed($content->rows(self::ROWS), $content->map(self::TYPED));

        return new self(
            Table::read($rows, $content->flag('hasHead')),
            $content->flag('hasSide'),
            Question::asking(FillTable::from($content), $content),
            $rows,
        );
    }

    /**
     * @param  list<list<string>>  $rows
     * @param  array<string, string>  $typed while it is shown, by row and column, such as “1/2”
     * @return list<list<string>>
     */
    private static function typed(array $rows, array $typed): array
    {
        foreach ($typed as $cell => $text) {
            [$row, $column] = array_map(intval(...), explode('/', "{$cell}/"));
            if (isset($rows[$row][$column])) {
                $rows[$row] = [...$rows[$row], $column => mb_substr($text, 0, self::LONGEST)];
            }
        }

        return $rows;
    }

    public function pieces(): array
    {
        return $this->hasAnswers()
            ? [new BlockPiece(self::answerPiece(), 'the filled cells', $this->question->answer().'.')]
            : [];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $set = SetTable::of($this->table, $this->hasSide, $bounds);

        return new BlockLayout($set->height(), array_filter([
            BlockPiece::MAIN => $set->grid(),
            self::answerPiece() => $set->answers(),
        ]), [], $set->fields());
    }

    public function handles(LayoutBounds $bounds): array
    {
        $handles = [];
        foreach (SetTable::of($this->table, $this->hasSide, $bounds)->fields() as $field) {
            [, $row, $column] = array_map(intval(...), explode('/', $field->path));
            $handles[] = Handle::type("cell-{$row}-{$column}", $field->label, $field->room, $this->rows[$row][$column] ?? '', [
                self::TYPED => ["{$row}/{$column}" => Handle::VALUE],
            ]);
        }

        return $handles;
    }

    public function isWorked(): bool
    {
        return true;
    }

    public function allows(array $change): bool
    {
        $typed = $change[self::TYPED] ?? null;
        if (array_keys($change) !== [self::TYPED] || ! is_array($typed)) {
            return false;
        }
        foreach ($typed as $cell => $text) {
            [$row, $column] = array_map(intval(...), explode('/', "{$cell}/"));
            if (! is_string($text) || ! isset($this->rows[$row][$column])) {
                return false;
            }
        }

        return true;
    }

    public function done(BlockContent $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach ($this->rows as $row => $cells) {
            foreach ($cells as $column => $text) {
                if ($text !== ($before->rows[$row][$column] ?? '')) {
                    $head = $this->table->hasHead ? " under “{$this->table->cell(0, $column)->text}”" : '';
                    $told[] = $text === '' ? "wipes a cell{$head}" : "writes “{$text}”{$head}";
                }
            }
        }

        return implode(' and ', $told);
    }

    public function words(RenderContext $context): array
    {
        $rows = [];
        for ($row = $this->table->hasHead ? 1 : 0; $row < $this->table->rowCount(); $row++) {
            $cells = [];
            for ($column = 0; $column < $this->table->columnCount(); $column++) {
                $text = $this->table->cell($row, $column)->isAsked ? 'to be filled in' : $this->table->shown($row, $column);
                $head = $this->table->hasHead ? $this->table->cell(0, $column)->text : '';
                $cells[] = $context->spoken($head === '' ? $text : "{$head}: {$text}");
            }
            $rows[] = implode(', ', array_filter($cells, static fn (string $cell): bool => $cell !== ''));
        }
        $words = implode('. ', array_filter($rows, static fn (string $row): bool => $row !== ''));

        return array_filter([
            BlockPiece::MAIN => trim(($this->asks() === '' ? '' : $this->asks().' ')."Table. {$words}"),
            self::answerPiece() => $this->hasAnswers() ? $context->spoken($this->question->answer()) : '',
        ]);
    }

    public function statements(): array
    {
        return $this->question()?->statements() ?? [];
    }

    public function question(): ?Question
    {
        return $this->table->asked() === [] ? null : $this->question;
    }

    public function waits(): ?int
    {
        return $this->question() !== null && $this->question->stops ? $this->question->seconds() : null;
    }

    public function asks(): string
    {
        return $this->question()->prompt ?? '';
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->table->isEmpty() => 'This table is still empty. Type into its cells, or take it off the slide.',
            $this->question() === null => $this->table->trouble(),
            default => $this->question->unfinished(),
        };
    }

    public function separated(): string
    {
        return $this->table->separated(self::PLOTTED);
    }

    public function hasNumbers(): bool
    {
        return $this->table->hasNumbers();
    }

    private function hasAnswers(): bool
    {
        return array_filter(
            $this->table->asked(),
            fn (array $cell): bool => ! $this->table->cell($cell[0], $cell[1])->isOpen(),
        ) !== [];
    }
}
