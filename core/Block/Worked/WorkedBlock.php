<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A worked example: lines of working, each with its reason; every equality is checked. */
final readonly class WorkedBlock implements BlockContent
{
    private const GAP = 14.0;

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

    public function leastHeight(): ?float
    {
        return null;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $y = 0.0;
        $pieces = [BlockPiece::MAIN => []];
        if ($this->task !== '') {
            $task = $bounds->text($this->task);
            $pieces[BlockPiece::MAIN] = $task->shapes(0, 0);
            $y = $task->height() + self::GAP;
        }
        $hasReasons = array_filter($this->lines, static fn (Line $line): bool => $line->reason !== '') !== [];
        $formulaWidth = $hasReasons && $bounds->width > 700 ? $bounds->width * 0.56 : $bounds->width - 24;
        foreach ($this->lines as $line) {
            $formula = $bounds->text(
                '`'.str_replace('`', '', Marks::inTex($line->formula, $line->marks)).'`',
                1.1,
                Paint::INK,
                false,
                $formulaWidth,
            );
            $height = $line->formula !== '' ? $formula->height() : 0.0;
            $shapes = $line->formula !== '' ? $formula->shapes(24, $y) : [];
            if ($line->reason !== '') {
                $beside = $bounds->width > 700;
                $reason = $bounds->text(
                    $line->reason,
                    0.84,
                    Paint::QUIET,
                    false,
                    $beside ? $bounds->width - $formulaWidth - 48 : $bounds->width - 24,
                );
                $shapes = [
                    ...$shapes,
                    ...$reason->shapes(
                        $beside ? $formulaWidth + 48 : 24,
                        $beside ? $y + max(0.0, ($height - $reason->height()) / 2) : $y + $height,
                    ),
                ];
                $height = $beside ? max($height, $reason->height()) : $height + $reason->height();
            }
            if (! $bounds->context->centred) {
                $shapes[] = Shape::polyline([[6, $y + 4], [6, $y + max(20.0, $height - 4)]], Paint::outlined($bounds->context->strong, 4));
            }
            $pieces[$line->id] = $shapes;
            $y += $height + self::GAP;
        }

        return new BlockLayout(max(0.0, $y - self::GAP), array_filter($pieces));
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
