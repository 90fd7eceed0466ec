<?php

declare(strict_types=1);

namespace Daybright\Figure\Flow;

use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** Boxes joined by arrows that never cross: a chain, a cycle, branches, causes and effects. */
final readonly class Flow implements HasTask
{
    public const MOST_BOXES = 12;

    private const LONGEST = 48;

    /** Groups that a question can sort into. */
    private const MOST_STAGES = 4;

    private const KINDS = ['chain' => 'a chain', 'cycle' => 'a cycle', 'branch' => 'branching steps', 'cause' => 'causes and effects'];

    /**
     * @param  'chain'|'cycle'|'branch'|'cause'  $kind
     * @param  non-empty-list<FlowBox>  $boxes
     */
    private function __construct(public string $kind, public array $boxes, public bool $isNumbered)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'flow',
            'Flow',
            'Show how things follow one another: a chain, a cycle, branches, or causes and effects',
            [Purpose::Connect, Purpose::Change],
            [Subject::Science, Subject::History, Subject::Geography, Subject::Language],
            'cycle process sequence steps diagram cause effect life cycle food chain tree decision',
        );
    }

    public static function blank(): array
    {
        return ['kind' => 'cycle', 'boxes' => "Water rises as vapour\nClouds form\nRain falls\nRivers run to the sea", 'numbered' => false];
    }

    public static function fields(): array
    {
        return [
            Field::choice('kind', 'Drawn as', self::KINDS),
            Field::lines('boxes', 'Boxes, one on a line', 'The first thing')->when('kind', 'chain', 'cycle'),
            Field::lines(
                'tree',
                'Boxes; a hyphen before each that branches off',
                "Is it alive?\n- yes: a living thing\n- no: a thing\n-- made by people",
            )->when('kind', 'branch'),
            Field::lines('causes', 'Causes, one on a line')->when('kind', 'cause'),
            Field::text('event', 'What happened')->when('kind', 'cause'),
            Field::lines('effects', 'Effects, one on a line')->when('kind', 'cause'),
            Field::tick('numbered', 'Number the boxes'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $kind = $reading->choice('kind', 'The drawing', array_keys(self::KINDS));
        $boxes = match ($kind) {
            'branch' => self::tree($reading->lines('tree', 'Boxes', 2, self::MOST_BOXES, self::LONGEST)),
            'cause' => self::causes($reading),
            default => array_map(
                static fn (string $line): FlowBox => new FlowBox($line, 0, null),
                $reading->lines('boxes', 'Boxes', $kind === 'cycle' ? 3 : 2, self::MOST_BOXES, self::LONGEST),
            ),
        };
        if ($boxes === []) {
            throw InvalidQuantities::because('Write at least two boxes.', 'boxes');
        }

        $flow = new self(
            $kind === 'cycle' || $kind === 'branch' || $kind === 'cause' ? $kind : 'chain',
            $boxes,
            $reading->flag('numbered'),
        );
        // Refused here, and not when it is drawn.
        $flow->smallest();

        return $flow;
    }

    public function facts(): array
    {
        $facts = [Fact::quantity('count', Quantity::of(count($this->boxes)), 'how many boxes')];
        foreach ($this->boxes as $number => $box) {
            $facts[] = Fact::words('box '.chr(97 + $number), $box->text, 'box '.($number + 1));
        }

        return $facts;
    }

    public function steps(): array
    {
        if ($this->kind === 'cause') {
            return [
                new FigureStep('event', 'what happened', "This is what happened: {$this->ofLevel(1)[0]->text}."),
                new FigureStep('causes', 'the causes', "It had causes: {$this->inSentence(0)}."),
                new FigureStep('effects', 'the effects', "And it had effects: {$this->inSentence(2)}."),
            ];
        }
        $steps = [];
        foreach ($this->boxes as $number => $box) {
            $before = $box->parent === null
                ? ($number === 0 ? 'We begin here: ' : 'Then: ')
                : "From “{$this->boxes[$box->parent]->text}”: ";
            $steps[] = new FigureStep('box-'.($number + 1), mb_substr($box->text, 0, 40), $before.rtrim($box->text, '.?').'.');
        }
        if ($this->kind === 'cycle') {
            $steps[] = new FigureStep('close', 'back to the beginning', 'And from there it begins again.');
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return Layout::smallest($this);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new FlowDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        $texts = array_map(static fn (FlowBox $box): string => $box->text, $this->boxes);

        return match ($this->kind) {
            'cycle' => 'A cycle: '.implode(', then ', $texts).', and back to the beginning.',
            'branch' => 'Branching steps: '.implode('; ', array_map($this->branchInWords(...), $this->boxes)).'.',
            'cause' => "Causes: {$this->listed(0)}. They lead to: {$this->listed(1)}. Effects: {$this->listed(2)}.",
            default => 'A chain: '.implode(', then ', $texts).'.',
        };
    }

    private function branchInWords(FlowBox $box): string
    {
        return ($box->parent === null ? '' : "from “{$this->boxes[$box->parent]->text}” to ")."“{$box->text}”";
    }

    /** The boxes of a level, with commas. */
    private function listed(int $level): string
    {
        return implode(', ', array_map(static fn (FlowBox $box): string => $box->text, $this->ofLevel($level)));
    }

    public function task(): array
    {
        $items = array_map(
            static fn (FlowBox $box, int $number): array => ['id' => 'item-'.($number + 1), 'text' => $box->text],
            $this->boxes,
            array_keys($this->boxes),
        );
        if ($this->kind === 'cause') {
            $groups = [['id' => 'group-1', 'name' => 'Cause'], ['id' => 'group-2', 'name' => 'Effect']];
            $sorted = array_values(array_filter(array_map(
                fn (array $item, FlowBox $box): ?array => $box->level === 1
                    ? null
                    : $item + ['group' => $box->level === 0 ? 'group-1' : 'group-2'],
                $items,
                $this->boxes,
            )));

            return [
                'type' => 'sort',
                'prompt' => "Which are causes of “{$this->ofLevel(1)[0]->text}”, and which are effects?",
                'marks' => max(1, min(5, count($sorted) - 1)),
                'groups' => $groups,
                'items' => $sorted,
            ];
        }

        if ($this->kind === 'branch' && $this->hasBranches()) {
            return $this->stages($items);
        }

        return [
            'type' => 'order',
            'prompt' => $this->kind === 'cycle'
                ? "Put the steps of the cycle in order. Begin with “{$this->boxes[0]->text}”."
                : 'Put the steps in order.',
            'marks' => max(1, min(5, count($items) - 1)),
            'items' => $items,
        ];
    }

    /** Among branches there is no order: what can be asked is how far down each of them stands. */
    private function hasBranches(): bool
    {
        $parents = array_filter(array_map(static fn (FlowBox $box): ?int => $box->parent, $this->boxes), is_int(...));

        return count($parents) !== count(array_unique($parents))
            || count(array_filter($this->boxes, static fn (FlowBox $box): bool => $box->parent === null)) > 1;
    }

    /**
     * @param  list<array{id: string, text: string}>  $items
     * @return array<string, mixed>
     */
    private function stages(array $items): array
    {
        $last = self::MOST_STAGES - 1;
        $levels = array_map(static fn (FlowBox $box): int => min($last, $box->level), $this->boxes);
        $names = ['At the beginning', 'Then', 'After that', 'At the end'];
        $groups = array_map(
            static fn (int $level): array => ['id' => 'group-'.($level + 1), 'name' => $names[$level]],
            array_values(array_unique($levels)),
        );

        return [
            'type' => 'sort',
            'prompt' => 'How far along does each of these come?',
            'marks' => max(1, min(5, count($items) - 1)),
            'groups' => $groups,
            'items' => array_map(static fn (array $item, int $level): array => $item + ['group' => 'group-'.($level + 1)], $items, $levels),
        ];
    }

    /** @return non-empty-list<FlowBox> */
    public function ofLevel(int $level): array
    {
        $found = array_values(array_filter($this->boxes, static fn (FlowBox $box): bool => $box->level === $level));

        return $found === [] ? [$this->boxes[0]] : $found;
    }

    private function inSentence(int $level): string
    {
        return implode(', ', array_map(static fn (FlowBox $box): string => lcfirst($box->text), $this->ofLevel($level)));
    }

    public function label(int $number): string
    {
        return ($this->isNumbered ? ($number + 1).'. ' : '').$this->boxes[$number]->text;
    }

    /**
     * @param  list<string>  $lines
     * @return list<FlowBox>
     */
    private static function tree(array $lines): array
    {
        $boxes = [];
        /** @var array<int, int> $latest level => number of the box last seen there */
        $latest = [];
        foreach ($lines as $number => $line) {
            preg_match('/^([-–]*)\s*(.*)$/u', $line, $match);
            $level = mb_strlen($match[1] ?? '');
            $text = $match[2] ?? $line;
            if ($number === 0 && $level > 0) {
                throw InvalidQuantities::because('The first box is where everything begins: write it without a hyphen.', 'tree');
            }
            if ($number > 0 && ($level === 0 || ! isset($latest[$level - 1]))) {
                throw InvalidQuantities::because(
                    "“{$line}” hangs on nothing. Put one hyphen before what branches off the first box, two before what branches off that.",
                    'tree',
                );
            }
            if ($level > 3) {
                throw InvalidQuantities::because(
                    "“{$text}” is more than three branches away from the first box: that cannot be read any more.",
                    'tree',
                );
            }
            $boxes[] = new FlowBox($text, $level, $level === 0 ? null : $latest[$level - 1]);
            $latest[$level] = $number;
            $latest = array_filter($latest, static fn (int $each): bool => $each <= $level, ARRAY_FILTER_USE_KEY);
        }

        return $boxes;
    }

    /** @return list<FlowBox> */
    private static function causes(Reading $reading): array
    {
        $box = static fn (int $level): \Closure => static fn (string $line): FlowBox => new FlowBox($line, $level, null);

        return [
            ...array_map($box(0), $reading->lines('causes', 'Causes', 1, 5, self::LONGEST)),
            new FlowBox($reading->text('event', 'What happened', self::LONGEST), 1, null),
            ...array_map($box(2), $reading->lines('effects', 'Effects', 1, 5, self::LONGEST)),
        ];
    }
}
