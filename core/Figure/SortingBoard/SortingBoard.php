<?php

declare(strict_types=1);

namespace Daybright\Figure\SortingBoard;

use Daybright\Figure\Drawing\Card;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Control;
use Daybright\Figure\Form\Field;
use Daybright\Figure\HasTask;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\Target;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\UsesPicture;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Groups with their rule, and the words or pictures that belong in each. */
final readonly class SortingBoard implements HasTask, LiveFigure, UsesPicture
{
    private const MOST_ITEMS = 20;

    private const CHIP = 54.0;

    private const PICTURE = 110.0;

    private const HEAD = 56.0;

    private const HIGHEST = 655.0;

    /** About as wide as a letter of the smallest size. */
    private const LETTER = 18.5;

    /** Where everything lies that is to be sorted while it is shown. */
    private const TRAY = 'tray';

    private const PLACED = 'placed';

    /**
     * @param  non-empty-list<array{name: string, rule: string, items: list<array{text: string, picture: string}>}>  $groups
     * @param  array<string, string>|null  $placed group by item, for those that were put somewhere; null where all stand in their groups
     */
    private function __construct(private array $groups, private ?array $placed = null)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'sorting-board',
            'Sorting board',
            'Sort words or pictures into groups, each with its rule',
            [Purpose::Sort, Purpose::Compare],
            [
                Subject::Language,
                Subject::Science,
                Subject::EarlyReading,
                Subject::History,
                Subject::Geography,
                Subject::Art,
                Subject::Maths,
            ],
            'classify categories groups columns vocabulary',
        );
    }

    public static function blank(): array
    {
        return ['groups' => [
            [
                'name' => 'Gives light',
                'rule' => 'makes light of its own',
                'items' => [['text' => 'the Sun'], ['text' => 'a candle'], ['text' => 'a lamp']],
            ],
            [
                'name' => 'Only reflects it',
                'rule' => 'needs light from elsewhere',
                'items' => [['text' => 'the Moon'], ['text' => 'a mirror']],
            ],
        ]];
    }

    public static function fields(): array
    {
        return [
            Field::special(Control::Groups, 'groups', 'Groups and what belongs in them'),
            Field::tick(self::TRAY, 'Begin with everything beside the groups, to be sorted while you speak'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $groups = [];
        $seen = [];
        foreach ((new Reading($quantities))->items('groups') as $group) {
            $reading = new Reading($group);
            $name = $reading->name('name', '');
            if ($name === '') {
                throw InvalidQuantities::because('Every group needs a name.', 'groups');
            }
            $items = [];
            foreach ($reading->items('items') as $item) {
                $words = new Reading($item);
                $text = $words->name('text', '');
                $picture = $words->name('picture', '', 60);
                if ($text === '' && $picture === '') {
                    continue;
                }
                if (isset($seen[$text.$picture])) {
                    throw InvalidQuantities::because("“{$text}” is there twice. Each thing can be in one group only.", 'groups');
                }
                $seen[$text.$picture] = true;
                $items[] = ['text' => $text, 'picture' => $picture];
            }
            $rule = $group->raw()['rule'] ?? '';
            $groups[] = ['name' => $name, 'rule' => is_string($rule) ? mb_substr(trim($rule), 0, 40) : '', 'items' => $items];
        }
        if (count($groups) < 2 || count($groups) > 4) {
            throw InvalidQuantities::because('A board has from two to four groups. There are '.count($groups).' now.', 'groups');
        }
        if (count(array_unique(array_column($groups, 'name'))) < count($groups)) {
            throw InvalidQuantities::because('Two groups have the same name. Give each its own.', 'groups');
        }
        if ($seen === [] || count($seen) > self::MOST_ITEMS) {
            throw InvalidQuantities::because(
                'Put from 1 to '.self::MOST_ITEMS.' things on the board. There are '.count($seen).' now.',
                'groups',
            );
        }

        $board = new self($groups, $quantities->flag(self::TRAY) ? self::placed($quantities) : null);
        if ($board->smallest()->height > self::HIGHEST) {
            throw InvalidQuantities::because(
                'There is more in one group than can be read on a slide. Move some of it to another board, or use words instead of pictures.',
                'groups',
            );
        }

        return $board;
    }

    /** @return array<string, string> group by item */
    private static function placed(Fields $quantities): array
    {
        return array_filter($quantities->map(self::PLACED), static fn (string $group): bool => str_starts_with($group, 'group-'));
    }

    public static function live(): array
    {
        return [self::PLACED];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        if ($this->placed === null) {
            return [];
        }
        $handles = [];
        $boxes = $this->boxes($box);
        $columns = $this->columns($box);
        foreach ($this->items() as $id => $item) {
            $name = self::called($item);
            $targets = [];
            foreach ($this->groups as $number => $group) {
                $to = self::groupKey($group['name']);
                if (($this->placed[$id] ?? '') !== $to) {
                    $targets[] = new Target($group['name'], $columns[$number], [self::PLACED => [$id => $to]]);
                }
            }
            if (isset($this->placed[$id])) {
                $targets[] = new Target('beside the groups', $this->trayBox($box), [self::PLACED => [$id => null]]);
            }
            $handles[] = Handle::drag($id, $name, $boxes[$id], $targets);
        }

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach ($this->items() as $id => $item) {
            [$was, $is] = [$before->placed[$id] ?? null, $this->placed[$id] ?? null];
            if ($was !== $is) {
                $group = $this->groupNamed((string) $is);
                $told[] = $group === null
                    ? 'takes “'.self::called($item).'” back'
                    : 'puts “'.self::called($item)."” into “{$group}”";
            }
        }

        return implode(' and ', $told);
    }

    private function groupNamed(string $key): ?string
    {
        foreach ($this->groups as $group) {
            if (self::groupKey($group['name']) === $key) {
                return $group['name'];
            }
        }

        return null;
    }

    /** @param  array{text: string, picture: string}  $item */
    private static function called(array $item): string
    {
        return $item['text'] === '' ? 'a picture' : $item['text'];
    }

    /** The same for the same words, wherever they stand: what was done to a thing goes on being done to it when others come and go. */
    private static function key(string $kind, string $words): string
    {
        return $kind.'-'.substr(hash('sha256', $words), 0, 8);
    }

    private static function groupKey(string $name): string
    {
        return self::key('group', $name);
    }

    /** @return array<string, array{text: string, picture: string}> by id, in the order of the groups */
    private function items(): array
    {
        $items = [];
        foreach ($this->groups as $group) {
            foreach ($group['items'] as $item) {
                $items[self::key('item', $item['text'].$item['picture'])] = $item;
            }
        }

        return $items;
    }

    private function tray(): Tray
    {
        $groups = array_map(static fn (array $group): string => self::groupKey($group['name']), $this->groups);

        return Tray::with($this->items(), $groups, $this->placed ?? [], $this->beside());
    }

    /** @return positive-int how many things have room beside one another in the smallest box */
    private function beside(): int
    {
        $longest = max([1, ...array_map(static fn (array $item): int => mb_strlen($item['text']), array_values($this->items()))]);

        return max(count($this->groups), (int) floor($this->width() / (self::LETTER * $longest + 60)));
    }

    private function chip(): float
    {
        return max([self::CHIP, ...array_map(self::itemHeight(...), array_values($this->items()))]);
    }

    private function trayBox(Box $box): Box
    {
        $height = $this->tray()->height($this->chip());

        return new Box($box->x, $box->bottom() - $height, $box->width, $height);
    }

    /** @return list<Box> the room for things in each group */
    private function columns(Box $box): array
    {
        $bottom = $this->trayBox($box)->y;

        return array_map(function (int $number) use ($box, $bottom): Box {
            $column = $this->column($box, $number);
            $top = $box->y + self::HEAD + $this->ruleRoom($column->width) + 14;

            return new Box($column->x, $top, $column->width, $bottom - $top - 8);
        }, array_keys($this->groups));
    }

    /** @return array<string, Box> by item */
    private function boxes(Box $box): array
    {
        return $this->tray()->boxes($this->columns($box), $this->trayBox($box), $this->chip());
    }

    private function column(Box $box, int $number): Box
    {
        $count = count($this->groups);
        $width = ($box->width - ($count - 1) * 16) / $count;

        return new Box($box->x + $number * ($width + 16), $box->y, $width, $box->height);
    }

    private function ruleRoom(float $width): float
    {
        return max(array_map(static fn (array $group): float => self::ruleHeight($group, $width), $this->groups));
    }

    /** @return array<string, list<Shape>> */
    private function unsorted(Box $box, RenderContext $context): array
    {
        $shapes = [];
        $bottom = $this->trayBox($box)->y;
        foreach ($this->groups as $number => $group) {
            $column = $this->column($box, $number);
            $frame = new Box($column->x, $column->y, $column->width, $bottom - $box->y);
            array_push($shapes, ...$this->head($group, $frame->inset(2), $context));
        }
        $boxes = $this->boxes($box);
        foreach ($this->items() as $id => $item) {
            array_push($shapes, ...$this->thing($item, $boxes[$id], $context));
        }

        return ['board' => $shapes];
    }

    /**
     * @param  array{text: string, picture: string}  $item
     * @return list<Shape>
     */
    private function thing(array $item, Box $box, RenderContext $context): array
    {
        $shapes = [];
        $words = $item['text'] === '' ? 0.0 : min($box->height, self::CHIP);
        if (isset($context->pictures[$item['picture']])) {
            $shapes[] = Shape::image(new Box($box->x + 4, $box->y, $box->width - 8, $box->height - $words), $item['picture']);
        }
        if ($item['text'] !== '') {
            $chip = new Box($box->x, $box->bottom() - $words, $box->width, $words);
            array_push($shapes, ...Card::layOut($item['text'], $chip, $context, false, '#FFFEFB', 34));
        }

        return $shapes;
    }

    public function facts(): array
    {
        $facts = [Fact::quantity(
            'count',
            Quantity::of(array_sum(array_map(static fn (array $group): int => count($group['items']), $this->groups))),
            'how many things there are',
        )];
        foreach ($this->groups as $number => $group) {
            $letter = chr(97 + $number);
            $facts[] = Fact::words("group {$letter}", $group['name'], 'a group');
            $facts[] = Fact::words(
                "things {$letter}",
                $group['items'] === [] ? 'nothing' : implode(', ', array_column($group['items'], 'text')),
                "what belongs in “{$group['name']}”",
            );
            $facts[] = Fact::quantity("count {$letter}", Quantity::of(count($group['items'])), "how many belong in “{$group['name']}”");
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep(
            'board',
            'the groups',
            'We sort into '.count($this->groups).' groups: '.implode(', ', array_column($this->groups, 'name')).'.',
        )];
        if ($this->placed !== null) {
            return $steps;
        }
        foreach ($this->groups as $number => $group) {
            $rule = $group['rule'] === '' ? '' : " The rule: {$group['rule']}.";
            $steps[] = new FigureStep(
                'group-'.($number + 1),
                $group['name'],
                "In “{$group['name']}” belong ".($group['items'] === [] ? 'none of these' : implode(
                    ', ',
                    array_filter(array_column($group['items'], 'text')),
                )).".{$rule}",
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        $width = $this->width();
        $share = $width / count($this->groups);
        $high = max(array_map(static fn (array $group): float => self::columnHeight($group, $share), $this->groups));
        $high += $this->placed === null ? 0.0 : $this->tray()->height($this->chip());

        return new Box(0, 0, $width, max(300.0, $high));
    }

    /** Of the smallest box. */
    private function width(): float
    {
        $longest = max(array_map(
            static fn (array $group): int => max([
                mb_strlen($group['name']),
                ...array_map(static fn (array $item): int => mb_strlen($item['text']), $group['items']),
            ]),
            $this->groups,
        ));
        $column = max(170.0, min(480.0, self::LETTER * $longest + 50));

        return min(1430.0, max(550.0, count($this->groups) * ($column + 16)));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        if ($this->placed !== null) {
            return $this->unsorted($box, $context);
        }
        $pieces = ['board' => []];
        foreach ($this->groups as $number => $group) {
            $column = $this->column($box, $number);
            $pieces['board'] = [...$pieces['board'], ...$this->head($group, $column->inset(2), $context)];
            $pieces['group-'.($number + 1)] = $this->things($group, $column, $context);
        }

        return array_filter($pieces);
    }

    public function words(): string
    {
        return 'A board with groups: '.implode(
            '; ',
            array_map(
                static fn (array $group): string => $group['name'].($group['rule'] === '' ? '' : ", {$group['rule']}"),
                $this->groups,
            ),
        ).'.'.$this->toldOfTray();
    }

    private function toldOfTray(): string
    {
        $told = [];
        $placed = array_intersect_key($this->placed ?? [], $this->items());
        foreach ($this->placed === null ? [] : $this->groups as $group) {
            $in = array_keys($placed, self::groupKey($group['name']), true);
            $names = array_map(fn (string $id): string => self::called($this->items()[$id] ?? ['text' => '', 'picture' => '']), $in);
            $told[] = $names === [] ? '' : " In “{$group['name']}” lie ".implode(', ', $names).'.';
        }
        $beside = array_diff_key($this->placed === null ? [] : $this->items(), $this->placed ?? []);
        $names = array_map(self::called(...), array_values($beside));

        return implode('', $told).($names === [] ? '' : ' Beside it lie '.implode(', ', $names).'.');
    }

    public function pictures(): array
    {
        return array_values(array_filter(array_merge(
            ...array_map(static fn (array $group): array => array_column($group['items'], 'picture'), $this->groups),
        )));
    }

    public function missingPicture(): ?string
    {
        return null;
    }

    public function task(): array
    {
        $groups = $items = [];
        foreach ($this->groups as $number => $group) {
            $groups[] = ['id' => 'group-'.($number + 1), 'name' => $group['name']];
            foreach ($group['items'] as $item) {
                $items[] = [
                    'id' => 'item-'.(count($items) + 1),
                    'text' => $item['text'] === '' ? 'picture '.(count($items) + 1) : $item['text'],
                    'group' => 'group-'.($number + 1),
                ] + ($item['picture'] === '' ? [] : ['picture' => $item['picture']]);
            }
        }

        return [
            'type' => 'sort',
            'prompt' => 'Sort these into the groups.',
            'marks' => max(1, min(5, intdiv(count($items) + 1, 2))),
            'groups' => $groups,
            'items' => $items,
        ];
    }

    /**
     * @param  array{name: string, rule: string, items: list<array{text: string, picture: string}>}  $group
     * @return list<Shape>
     */
    private function head(array $group, Box $column, RenderContext $context): array
    {
        $name = Card::layOut(
            $group['name'],
            new Box($column->x, $column->y, $column->width, self::HEAD),
            $context,
            true,
            $context->tint,
            34,
        );
        $frame = Shape::rectangle(
            new Box($column->x, $column->y, $column->width, $column->height),
            Paint::outlined($context->strong, 3, '#FFFFFF'),
            10,
        );
        if ($group['rule'] === '') {
            return [$frame, ...$name];
        }
        $rule = $context->type->fit(
            $group['rule'],
            $column->width - 20,
            self::ruleHeight($group, $column->width),
            new TextStyle(28, Paint::QUIET, false, 0.5, 1.15),
        );

        return [$frame, ...$name, ...$rule->shapes($column->x + 10, $column->y + self::HEAD + 6)];
    }

    /**
     * @param  array{name: string, rule: string, items: list<array{text: string, picture: string}>}  $group
     * @return list<Shape>
     */
    private function things(array $group, Box $column, RenderContext $context): array
    {
        $shapes = [];
        $y = $column->y + self::HEAD + self::ruleHeight($group, $column->width) + 14;
        $growth = $this->growth($column);
        foreach ($group['items'] as $item) {
            $height = self::itemHeight($item) * $growth;
            $picture = self::PICTURE * $growth;
            $chip = new Box($column->x + 12, $y, $column->width - 24, $height - 8);
            if (isset($context->pictures[$item['picture']])) {
                $shapes[] = Shape::image(new Box($chip->x + 4, $chip->y, $chip->width - 8, $picture - 12), $item['picture']);
            }
            if ($item['picture'] !== '') {
                $chip = new Box($chip->x, $chip->y + $picture - 8, $chip->width, $height - $picture);
            }
            if ($item['text'] !== '') {
                array_push($shapes, ...Card::layOut($item['text'], $chip, $context, false, '#FFFEFB', 30 * $growth));
            }
            $y += $height;
        }

        return $shapes;
    }

    /** On a large slide the chips grow, those of all groups alike. */
    private function growth(Box $column): float
    {
        $shares = array_map(
            static fn (array $group): float => ($column->height - self::HEAD - self::ruleHeight($group, $column->width) - 22)
                / max(1.0, array_sum(array_map(self::itemHeight(...), $group['items']))),
            $this->groups,
        );

        return max(1.0, min(1.6, ...$shares));
    }

    /** @param  array{text: string, picture: string}  $item */
    private static function itemHeight(array $item): float
    {
        return ($item['picture'] === '' ? 0.0 : self::PICTURE) + ($item['text'] === '' ? 0.0 : self::CHIP + 8);
    }

    /** @param  array{name: string, rule: string, items: list<array{text: string, picture: string}>}  $group */
    private static function ruleHeight(array $group, float $width): float
    {
        return $group['rule'] === '' ? 0.0 : Card::leastHeight($group['rule'], $width);
    }

    /** @param  array{name: string, rule: string, items: list<array{text: string, picture: string}>}  $group */
    private static function columnHeight(array $group, float $width): float
    {
        return self::HEAD + self::ruleHeight($group, $width - 16) + 22 + array_sum(array_map(self::itemHeight(...), $group['items']));
    }
}
