<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\FillTable;

use Brick\Math\BigRational;
use Closure;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Table\Table;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Kinds\NumberWithUnit\TypedAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\TypesNumber;

/** Fill the cells of a table that were left for the student. Each is marked by itself; what was left open may be any number. */
final readonly class FillTable implements KnowsRightAnswer, QuestionKind, TypesNumber
{
    /** @param  string  $tolerance how far a number may be off; empty for not at all */
    private function __construct(private Table $table, private string $tolerance)
    {
    }

    public static function name(): string
    {
        return 'table';
    }

    public static function from(Fields $content): self
    {
        return new self(Table::read($content->rows('rows'), $content->flag('hasHead')), $content->text('tolerance', ''));
    }

    public function answer(): string
    {
        $answers = [];
        foreach ($this->table->asked() as [$row, $column]) {
            $text = $this->table->shown($row, $column);
            $answers[] = ucfirst($this->table->place($row, $column)).': '.($text === '' ? 'what was measured' : $text);
        }

        return implode('; ', $answers);
    }

    public function rightAnswer(): ?string
    {
        $answers = [];
        foreach ($this->table->asked() as [$row, $column]) {
            if ($this->table->cell($row, $column)->isOpen()) {
                return null;
            }
            $answers["{$row}-{$column}"] = $this->table->shown($row, $column);
        }

        return GivenAnswer::written($answers);
    }

    public function tolerance(): string
    {
        return is_numeric(trim($this->tolerance)) ? trim($this->tolerance) : '';
    }

    public function asked(): array
    {
        $rows = [];
        for ($row = 0; $row < $this->table->rowCount(); $row++) {
            $cells = [];
            for ($column = 0; $column < $this->table->columnCount(); $column++) {
                $isAsked = $this->table->cell($row, $column)->isAsked;
                $text = $isAsked || $this->tells($row, $column) ? '' : $this->table->shown($row, $column);
                $cells[] = ['id' => "{$row}-{$column}", 'text' => $text, 'fill' => $isAsked];
            }
            $rows[] = $cells;
        }

        return ['hasHead' => $this->table->hasHead, 'rows' => $rows];
    }

    public function shown(): array
    {
        return [];
    }

    public function mark(string $given, int $marks): Marking
    {
        $written = GivenAnswer::map($given);
        $asked = $this->table->asked();
        $wrong = [];
        foreach ($asked as [$row, $column]) {
            $text = $written["{$row}-{$column}"] ?? '';
            if ($text === '') {
                throw InvalidAnswer::emptyCell($this->table->place($row, $column));
            }
            if (! $this->isRight($row, $column, $text)) {
                $wrong[] = $this->table->place($row, $column);
            }
        }
        $right = count($asked) - count($wrong);

        return Share::award(
            $right,
            count($asked),
            $marks,
            "Not yet. {$right} of ".count($asked).' cells are right. Look again at '.implode('; ', array_slice($wrong, 0, 3)).'.',
        );
    }

    public function readable(string $given): string
    {
        try {
            $written = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return implode('; ', array_map(
            fn (array $cell): string => $written["{$cell[0]}-{$cell[1]}"] ?? '–',
            $this->table->asked(),
        ));
    }

    public function unfinished(): ?string
    {
        try {
            $this->mostOff();
        } catch (MathsError $error) {
            return 'How far a cell may be off cannot be read. '.$error->getMessage();
        }

        return $this->table->trouble();
    }

    /** Cells are compared as they were typed. */
    public function inWords(Closure $plain): self
    {
        return $this;
    }

    /** Whether a cell that is worked out would give away what is asked above it. */
    private function tells(int $row, int $column): bool
    {
        $isAbove = static fn (array $cell): bool => $cell[0] < $row && in_array($cell[1], [0, $column], true);

        return $this->table->cell($row, $column)->working !== null && array_filter($this->table->asked(), $isAbove) !== [];
    }

    private function isRight(int $row, int $column, string $given): bool
    {
        if ($this->table->cell($row, $column)->isOpen()) {
            return self::number($given, null) !== null;
        }
        try {
            $expected = $this->table->quantity($row, $column);
        } catch (MathsError) {
            $expected = null;
        }
        if ($expected === null) {
            return self::plain($given) === self::plain($this->table->cell($row, $column)->text);
        }
        $number = self::number($given, $expected);
        if ($number === null) {
            return false;
        }
        // The head of the column may name the unit, and the cell need not say it again.
        $value = $number->unit->isNone() ? $number->value : null;
        if ($value === null && $number->unit->measuresLike($expected->unit)) {
            $value = $number->in($expected->unit)->value;
        }

        return $value !== null && $value->minus($expected->value)->abs()->isLessThanOrEqualTo($this->off($expected));
    }

    /** A number that does not end is right when it is rounded as the table shows it. */
    private function off(Quantity $expected): BigRational
    {
        $shown = Table::readable($expected);
        $rounding = $expected->value->minus($shown->value)->abs();
        $wanted = $this->mostOff();

        return $wanted->isGreaterThan($rounding) ? $wanted : $rounding;
    }

    private function mostOff(): BigRational
    {
        $written = trim($this->tolerance);

        return $written === '' ? BigRational::zero() : Quantity::read($written)->value->abs();
    }

    private static function number(string $given, ?Quantity $expected): ?Quantity
    {
        try {
            return $expected === null ? Quantity::read($given) : TypedAnswer::read($given, $expected->unit);
        } catch (MathsError) {
            return null;
        }
    }

    private static function plain(string $text): string
    {
        return mb_strtolower(trim((string) preg_replace('/[\s.!]+/u', ' ', $text)));
    }
}
