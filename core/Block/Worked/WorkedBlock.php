<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Closure;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\SpreadsOut;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A worked example: lines of working, each with its reason; every equality is checked. */
final readonly class WorkedBlock implements BlockContent, SpreadsOut
{
    private const GAP = 16.0;

    private const INDENT = 22.0;

    /** Formulas are set in a slighter face than words, and larger. */
    private const FORMULA = 1.25;

    /** @param  list<Line>  $lines */
    private function __construct(private string $task, private array $lines)
    {
    }

    public static function name(): string
    {
        return 'worked';
    }

    public static function label(): string
    {
        return 'Worked example';
    }

    public static function blank(): array
    {
        return ['task' => '', 'lines' => [['id' => 'line-1', 'formula' => '', 'reason' => '']]];
    }

    public static function from(Fields $content): self
    {
        return new self($content->text('task', ''), array_map(Line::from(...), $content->list('lines')));
    }

    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->lines as $number => $line) {
            $pieces[] = new BlockPiece($line->id, 'line '.($number + 1), $line->reason);
        }

        return $pieces;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $disc = max(46.0, $bounds->size * 1.1);
        $task = $this->task === '' ? null : $bounds->text($this->task, 1, Paint::INK, false, null, 0);
        $lines = array_map(fn (Line $line): array => $this->line($line, $bounds, $bounds->width - $disc - self::INDENT), $this->lines);
        $needed = ($task === null ? 0.0 : $task->height() + self::GAP)
            + array_sum(array_map(static fn (array $line): float => max($disc, $line[0]), $lines)) + self::GAP * (count($lines) - 1);
        $gap = self::GAP + $bounds->spread($needed, count($lines) - ($task === null ? 1 : 0), $bounds->size * 1.1);
        $y = $task === null ? 0.0 : $task->height() + $gap;
        $pieces = [BlockPiece::MAIN => $task?->shapes(0, 0) ?? []];
        foreach ($lines as $number => [$height, $shapes]) {
            $top = max(0.0, ($disc - $height) / 2);
            $pieces[$this->lines[$number]->id] = [
                ...$bounds->context->disc((string) ($number + 1), $disc / 2, $y + $disc / 2, $disc / 2),
                ...$shapes($disc + self::INDENT, $y + $top),
            ];
            $y += max($disc, $height) + $gap;
        }

        return new BlockLayout(max(0.0, $y - $gap), array_filter($pieces));
    }

    /**
     * The formula, and its reason below it.
     *
     * @return array{float, Closure(float, float): list<Shape>} how high it is, and its shapes at a place
     */
    private function line(Line $line, LayoutBounds $bounds, float $width): array
    {
        $source = '`'.str_replace('`', '', Marks::inTex($line->formula, $line->marks)).'`';
        $formula = $line->formula === '' ? null : $bounds->text($source, self::FORMULA, Paint::INK, false, $width, 0);
        $reason = $line->reason === '' ? null : $bounds->text(
            $line->reason,
            $formula === null ? 1 : LayoutBounds::SMALL,
            $formula === null ? Paint::INK : Paint::QUIET,
            $formula === null,
            $width,
            0,
        );
        $above = $formula?->height() ?? 0.0;

        return [$above + ($reason?->height() ?? 0.0), static fn (float $x, float $y): array => [
            ...$formula?->shapes($x, $y) ?? [],
            ...$reason?->shapes($x, $y + $above) ?? [],
        ]];
    }

    public function words(RenderContext $context): array
    {
        $words = [BlockPiece::MAIN => $context->spoken($this->task)];
        foreach ($this->lines as $line) {
            $reason = $context->spoken($line->reason);
            $words[$line->id] = trim($context->spoken($line->formula).($reason === '' ? '' : ", {$reason}"), ', ');
        }

        return $words;
    }

    public function statements(): array
    {
        $statements = [new Statement($this->task, 'task')];
        foreach ($this->lines as $number => $line) {
            $statements[] = new Statement($line->formula, "lines/{$number}/formula");
            $statements[] = new Statement($line->reason, "lines/{$number}/reason");
        }

        return $statements;
    }
}
