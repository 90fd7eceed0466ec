<?php

declare(strict_types=1);

namespace Daybright\Figure\PlanningFrame;

use Daybright\Figure\Drawing\Card;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Boxes to plan a piece of writing in: what each is for, how a sentence may start there; the model and the student's sheet kept apart. */
final readonly class PlanningFrame implements HasTask, LiveFigure
{
    private const MOST_BOXES = 6;

    private const TYPED = 'typed';

    /** Letters of what is typed into a box. */
    private const LONGEST = 140;

    /** Height of the name of a box. */
    private const HEAD = 52.0;

    /**
     * @param  non-empty-list<array{name: string, purpose: string, starter: string, model: string}>  $boxes
     * @param  array<string, string>  $typed words by the name of the box that they were typed into
     */
    private function __construct(private array $boxes, private bool $showsModel, private array $typed)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'planning-frame',
            'Planning frame',
            'Plan a piece of writing box by box, with sentence starters and a model',
            [Purpose::Write],
            [Subject::Language, Subject::History, Subject::Science],
            'writing plan paragraph essay report story sentence starters scaffold outline',
        );
    }

    public static function blank(): array
    {
        return [
            'boxes' => "Opening: say what it is about\nReason: give a reason\nExample: give an example\nEnding: sum up",
            'starters' => '',
            'model' => '',
            'show' => 'sheet',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::lines('boxes', 'Boxes: a name, and what it is for', 'Opening: say what it is about'),
            Field::lines('starters', 'Sentence starters, in the same order', 'leave empty to take one that fits the purpose'),
            Field::lines('model', 'The model, in the same order', 'what a good plan would say'),
            Field::choice('show', 'Drawn as', ['sheet' => 'the student’s empty sheet', 'model' => 'the model, filled in']),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $lines = $reading->lines('boxes', 'Boxes', 2, self::MOST_BOXES, 80);
        $starters = $reading->lines('starters', 'Sentence starters', 0, count($lines), 60);
        $model = $reading->lines('model', 'The model', 0, count($lines), 140);
        $boxes = [];
        foreach ($lines as $number => $line) {
            [$name, $purpose] = array_map(trim(...), array_pad(explode(':', $line, 2), 2, ''));
            if ($name === '' || mb_strlen($name) > 24) {
                throw InvalidQuantities::because(
                    "“{$line}” has no short name before the colon. Write for example: Opening: say what it is about.",
                    'boxes',
                );
            }
            $boxes[] = [
                'name' => $name,
                'purpose' => $purpose,
                'starter' => $starters[$number] ?? Starters::for($purpose),
                'model' => $model[$number] ?? '',
            ];
        }
        if ($boxes === [] || count(array_unique(array_column($boxes, 'name'))) < count($boxes)) {
            throw InvalidQuantities::because('Two boxes have the same name. Give each its own.', 'boxes');
        }
        $showsModel = $reading->choice('show', 'The drawing', ['sheet', 'model']) === 'model';
        if ($showsModel && $model === []) {
            throw InvalidQuantities::because('There is no model yet. Write what a good plan would say, one line for each box.', 'model');
        }

        $typed = array_map(static fn (string $words): string => mb_substr($words, 0, self::LONGEST), $quantities->map(self::TYPED));

        return new self($boxes, $showsModel, $typed);
    }

    public static function live(): array
    {
        return [self::TYPED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $handles = [];
        foreach ($this->places($box) as $number => $place) {
            $name = $this->boxes[$number]['name'];
            $words = new Box($place->x, $place->y + self::HEAD, $place->width, $place->height - self::HEAD);
            $handles[] = Handle::type('box-'.($number + 1), $name, $words, $this->typed[$name] ?? '', [
                self::TYPED => [$name => Handle::VALUE],
            ]);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        $told = [];
        foreach ($before instanceof self ? $this->typed : [] as $name => $words) {
            if ($before instanceof self && $words !== ($before->typed[$name] ?? '')) {
                $told[] = $words === '' ? "wipes “{$name}”" : "writes “{$words}” into “{$name}”";
            }
        }

        return implode(' and ', $told);
    }

    public function facts(): array
    {
        $filled = array_filter($this->boxes, static fn (array $box): bool => $box['model'] !== '');
        $facts = [
            Fact::quantity('count', Quantity::of(count($this->boxes)), 'how many boxes'),
            Fact::quantity('filled', Quantity::of(count($filled)), 'how many the model fills'),
        ];
        foreach ($this->boxes as $number => $box) {
            $letter = chr(97 + $number);
            $facts[] = Fact::words("box {$letter}", $box['name'], 'a box');
            $facts[] = Fact::words("starter {$letter}", $box['starter'], "how a sentence may start in “{$box['name']}”");
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [];
        foreach ($this->boxes as $number => $box) {
            $purpose = $box['purpose'] === '' ? '' : " Here you {$box['purpose']}.";
            $starter = $this->showsModel
                ? ($box['model'] === '' ? '' : " The model says: {$box['model']}")
                : ($box['starter'] === '' ? '' : " You could begin: “{$box['starter']}”.");
            $steps[] = new FigureStep(
                'box-'.($number + 1),
                $box['name'],
                rtrim('Box '.($number + 1).": {$box['name']}.{$purpose}{$starter}", '.').'.',
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        foreach ([550.0, 760.0, 1000.0, 1300.0, 1430.0] as $width) {
            $columns = $this->columns($width);
            $height = $this->rows($columns) * max(array_map(
                fn (array $box): float => $this->leastHeight($box, ($width - ($columns - 1) * 16) / $columns),
                $this->boxes,
            )) + ($this->rows($columns) - 1) * 16;
            if ($height <= 655) {
                return new Box(0, 0, $width, max(300.0, $height));
            }
        }

        return new Box(0, 0, 1430, 655);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $pieces = [];
        foreach ($this->places($box) as $number => $place) {
            $pieces['box-'.($number + 1)] = $this->box($this->boxes[$number], $place->inset(2), $context);
        }

        return $pieces;
    }

    /** @return non-empty-list<Box> where each box stands */
    private function places(Box $box): array
    {
        $columns = $this->columns($box->width);
        $rows = $this->rows($columns);
        $width = ($box->width - ($columns - 1) * 16) / $columns;
        $height = ($box->height - ($rows - 1) * 16) / $rows;

        return array_map(static fn (int $number): Box => new Box(
            $box->x + ($number % $columns) * ($width + 16),
            $box->y + intdiv($number, $columns) * ($height + 16),
            $width,
            $height,
        ), array_keys($this->boxes));
    }

    public function words(): string
    {
        return 'A plan in boxes: '.implode(
            '; ',
            array_map(
                static fn (array $box): string => $box['name'].($box['purpose'] === '' ? '' : ", to {$box['purpose']}"),
                $this->boxes,
            ),
        ).'.';
    }

    public function task(): array
    {
        return [
            'type' => 'plan',
            'prompt' => 'Fill in your plan.',
            'marks' => min(6, count($this->boxes)),
            'boxes' => array_map(
                static fn (array $box, int $number): array => ['id' => 'box-'.($number + 1)] + $box,
                $this->boxes,
                array_keys($this->boxes),
            ),
        ];
    }

    private function columns(float $width): int
    {
        return match (true) {
            $width > 900 && count($this->boxes) > 4 => 3, count($this->boxes) > 2 => 2, default => 1
        };
    }

    private function rows(int $columns): int
    {
        return (int) ceil(count($this->boxes) / $columns);
    }

    /** @param  array{name: string, purpose: string, starter: string, model: string}  $box */
    private function leastHeight(array $box, float $width): float
    {
        $text = $this->showsModel ? $box['model'] : $box['starter'];

        return 56 + ($box['purpose'] === '' ? 0 : Card::leastHeight(
            $box['purpose'],
            $width,
        ) - 12) + ($text === '' ? 30 : Card::leastHeight($text, $width) + 6);
    }

    /**
     * @param  array{name: string, purpose: string, starter: string, model: string}  $box
     * @return list<Shape>
     */
    private function box(array $box, Box $place, RenderContext $context): array
    {
        $name = $context->type->fit($box['name'], $place->width - 24, 44, new TextStyle(34, $context->strong, true));
        $shapes = [
            Shape::rectangle($place, Paint::outlined($context->strong, 3, '#FFFFFF'), 10),
            Shape::rectangle(new Box($place->x + 2, $place->y + 2, $place->width - 4, 48), Paint::filled($context->tint), 8),
            ...$name->shapes($place->x + 12, $place->y + 26 - $name->height() / 2),
        ];
        $y = $place->y + 58;
        if ($box['purpose'] !== '') {
            $purpose = $context->type->fit(
                $box['purpose'],
                $place->width - 24,
                max(34.0, ($place->bottom() - $y) * 0.5),
                new TextStyle(30, Paint::QUIET, false, 0, 1.18),
            );
            array_push($shapes, ...$purpose->shapes($place->x + 12, $y));
            $y += $purpose->height() + 6;
        }
        $typed = $this->typed[$box['name']] ?? '';
        $isInk = $this->showsModel || $typed !== '';
        $text = $typed ?: ($this->showsModel ? $box['model'] : ($box['starter'] === '' ? '' : "{$box['starter']} …"));
        if ($text === '') {
            return $shapes;
        }
        $set = $context->type->fit(
            $text,
            $place->width - 24,
            max(34.0, $place->bottom() - $y - 6),
            new TextStyle(34, $isInk ? Paint::INK : $context->strong, $isInk, 0, 1.18),
        );

        return [...$shapes, ...$set->shapes($place->x + 12, $y)];
    }
}
