<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Block\AnotherItem;
use Daybright\Block\AsksAgain;
use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Live;
use Daybright\Block\SpreadsOut;
use Daybright\Block\WrittenInPlace;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Repetition;
use Daybright\Scene\SetText;
use Daybright\Worked\Methods;

/** A worked example: lines of working, each with its reason; every equality is checked. */
final readonly class WorkedBlock implements AsksAgain, Live, SpreadsOut, WrittenInPlace
{
    private const GAP = 16.0;

    private const INDENT = 22.0;

    /** Lines, as the schema has them. */
    private const MOST = 30;

    private const WRITTEN = 'written';

    private const LONGEST = 120;

    /**
     * @param  list<Line>  $lines
     * @param  int  $room for so many lines that are written while it is shown
     * @param  array<int, string>  $written formulas that were, by their number from 1
     * @param  Fields|null  $method name and quantities that the lines were written from; null for lines of the teacher’s own
     */
    private function __construct(
        private string $task,
        private array $lines,
        private int $room,
        private array $written,
        private ?Fields $method,
    ) {
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
        $written = [];
        foreach ($content->map(self::WRITTEN) as $number => $formula) {
            $written[(int) $number] = mb_substr(trim($formula), 0, self::LONGEST);
        }

        return new self(
            $content->text('task', ''),
            array_map(Line::from(...), $content->list('lines')),
            $content->whole('room', 0),
            array_filter($written, static fn (string $formula): bool => $formula !== ''),
            $content->has('method') ? $content : null,
        );
    }

    public function another(int $seed, int $level): ?AnotherItem
    {
        if ($this->method === null) {
            return null;
        }
        try {
            $method = Methods::draw($this->method->text('method'), $this->method->fields('quantities'));

            return new AnotherItem($method->vary($seed, $level));
        } catch (InvalidQuantities) {
            return null;
        }
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
        $disc = $this->disc($bounds);
        $task = $this->task === '' ? null : $bounds->text($this->task, 1, Paint::INK, false, null, 0);
        $left = $disc + self::INDENT;
        $lines = array_map(static fn (Line $line): SetLine => SetLine::of($line, $bounds, $bounds->width - $left), $this->lines);
        $needed = ($task === null ? 0.0 : $task->height() + self::GAP)
            + array_sum(array_map(static fn (SetLine $line): float => max($disc, $line->height()), $lines))
            + self::GAP * (count($lines) - 1)
            + array_sum(array_map(static fn (Box $place): float => $place->height + self::GAP, $this->places($bounds, 0)));
        $gap = self::GAP + $bounds->spread($needed, count($lines) - ($task === null ? 1 : 0), $bounds->size * 1.1);
        $y = $task === null ? 0.0 : $task->height() + $gap;
        $pieces = [BlockPiece::MAIN => $task?->shapes(0, 0) ?? []];
        $fields = $task === null ? [] : [$task->field('task', 'The task', 0, 0)];
        foreach ($lines as $number => $line) {
            $top = $y + max(0.0, ($disc - $line->height()) / 2);
            $pieces[$this->lines[$number]->id] = [
                ...$bounds->context->disc((string) ($number + 1), $disc / 2, $y + $disc / 2, $disc / 2),
                ...$line->shapes($left, $top),
            ];
            foreach ($line->fields($number, $left, $top) as $field) {
                $fields[] = $field->repeated(new Repetition(['id' => '', 'formula' => '', 'reason' => ''], 1, self::MOST));
            }
            $y += max($disc, $line->height()) + $gap;
        }
        foreach ($this->places($bounds, $y) as $number => $place) {
            $formula = $this->setByHand($this->written[$number] ?? '', $bounds, $place->width);
            array_push($pieces[BlockPiece::MAIN], ...isset($this->written[$number])
                ? $formula->shapes($place->x, $place->y + max(0.0, ($place->height - $formula->height()) / 2))
                : []);
            $y = $place->bottom() + self::GAP;
        }

        return new BlockLayout(max(0.0, $y - ($this->room > 0 ? self::GAP : $gap)), array_filter($pieces), [], $fields);
    }

    /** @return array<int, Box> where lines are written by hand, by number from 1 */
    private function places(LayoutBounds $bounds, float $top): array
    {
        $height = max($this->disc($bounds), $this->setByHand('1 = 1', $bounds, $bounds->width)->height());
        $left = $this->disc($bounds) + self::INDENT;
        $places = [];
        for ($number = 1; $number <= $this->room; $number++) {
            $places[$number] = new Box($left, $top + ($number - 1) * ($height + self::GAP), $bounds->width - $left, $height);
        }

        return $places;
    }

    private function setByHand(string $formula, LayoutBounds $bounds, float $width): SetText
    {
        return $bounds->text($formula === '' ? '' : '`'.str_replace('`', '', $formula).'`', SetLine::FORMULA, Paint::INK, false, $width, 0);
    }

    private function disc(LayoutBounds $bounds): float
    {
        return max(46.0, $bounds->size * 1.1);
    }

    public function handles(LayoutBounds $bounds): array
    {
        $height = $this->layout($bounds)->height;
        $places = $this->places($bounds, 0);
        $top = $places === [] ? 0.0 : $height - $places[count($places)]->bottom();
        $handles = [];
        foreach ($places as $number => $place) {
            $name = "Line written by hand, {$number}";
            $handles[] = Handle::type("line-{$number}", $name, $place->moved(0, $top), $this->written[$number] ?? '', [
                self::WRITTEN => [(string) $number => Handle::VALUE],
            ]);
        }

        return $handles;
    }

    public function isWorked(): bool
    {
        return $this->room > 0;
    }

    public function allows(array $change): bool
    {
        $written = $change[self::WRITTEN] ?? null;

        return array_keys($change) === [self::WRITTEN]
            && is_array($written)
            && array_filter($written, static fn (mixed $line): bool => ! is_string($line) && $line !== null) === []
            && array_diff(array_keys($written), range(1, max(1, $this->room))) === [];
    }

    public function done(BlockContent $before): string
    {
        $told = [];
        for ($number = 1; $before instanceof self && $number <= $this->room; $number++) {
            $line = $this->written[$number] ?? '';
            if ($line !== ($before->written[$number] ?? '')) {
                $told[] = $line === '' ? 'wipes a line' : "writes “{$line}”";
            }
        }

        return implode(' and ', $told);
    }

    public function words(RenderContext $context): array
    {
        $words = [BlockPiece::MAIN => $context->spoken($this->task)];
        foreach ($this->lines as $line) {
            $reason = $context->spoken($line->reason);
            $words[$line->id] = trim($context->spoken($line->formula).($reason === '' ? '' : ", {$reason}"), ', ');
        }
        foreach ($this->written as $line) {
            $words[BlockPiece::MAIN] = trim($words[BlockPiece::MAIN].' '.$context->spoken($line));
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
        foreach ($this->written as $number => $line) {
            $statements[] = new Statement($line, self::WRITTEN."/{$number}");
        }

        return $statements;
    }
}
