<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\Annotations;
use Daybright\Block\WordMark;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\Target;
use Daybright\Language\Phrase;
use Daybright\Lesson\Block;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Palette;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A block as it stands on a slide, with the words that were struck out or ringed and the labels that were written there. */
final readonly class AnnotatedBlock
{
    private const PIECE = 'annotations';

    /** On any ground: dark on a light one, light on a dark one. */
    private const RED = '#B3261E';

    private const RED_ON_DARK = '#FF9C8F';

    private const LINE = 5.0;

    private const LABEL = 34.0;

    private const PADDING = 12.0;

    private Annotations $annotations;

    /** @var list<array{string, Box, Group}> words in the order of reading, with the group that each belongs to */
    private array $words;

    /**
     * @param  list<Group>  $groups of the block
     * @param  Box  $box of the block, in slide units
     * @param  Box  $page that no label leaves
     */
    public function __construct(private Block $block, private array $groups, private Box $box, private Box $page)
    {
        $this->annotations = Annotations::on($block);
        $this->words = self::read($groups);
    }

    /** @return list<Group> */
    public function groups(RenderContext $context, Palette $palette): array
    {
        if ($this->annotations->isEmpty()) {
            return $this->groups;
        }
        $marks = [];
        foreach ($this->annotations->words as $phrase => $mark) {
            foreach ($this->lines((string) $phrase) as [$box, $group]) {
                $marks[] = $this->group($group, [$this->mark($mark, $box, $palette)], "{$phrase}: {$mark->state()}");
            }
        }
        foreach ($this->groups === [] ? [] : $this->labels($context) as [$text, $box]) {
            $marks[] = $this->group($this->groups[0], array_map(
                static fn (Shape $shape): Shape => $shape->in($palette),
                $this->label($text, $box, $context),
            ), $text);
        }

        return [...$this->groups, ...$marks];
    }

    /** @return list<Handle> changes are of the block's content */
    public function handles(RenderContext $context): array
    {
        $handles = [];
        if ($this->words !== []) {
            $targets = array_map(static fn (array $word): Target => new Target($word[0], $word[1], []), $this->words);
            $options = array_map(static fn (WordMark $mark): Target => new Target($mark->label(), null, self::change([
                Annotations::WORDS => [Handle::WORDS => $mark->value],
            ])), WordMark::cases());
            $handles[] = Handle::sweep('words', 'Mark words', $targets, $options);
        }
        foreach (array_keys($this->annotations->words) as $phrase) {
            foreach ($this->lines((string) $phrase) as $number => [$box]) {
                $off = new Target('Take the mark off', null, self::change([Annotations::WORDS => [$phrase => null]]));
                $handles[] = Handle::press("mark-{$phrase}-{$number}", "“{$phrase}”", $box, [$off]);
            }
        }
        $places = $this->labels($context);
        foreach ($this->annotations->labels as $id => $label) {
            $handles[] = Handle::type("label-{$id}", 'Label', $places[$id][1], $label['text'], self::change([
                Annotations::LABELS => [$id => ['text' => Handle::VALUE]],
            ]));
        }

        return $handles;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private static function change(array $change): array
    {
        return [Annotations::NAME => $change];
    }

    /** @param  list<Shape>  $shapes in slide units */
    private function group(Group $with, array $shapes, string $words): Group
    {
        return new Group(
            $this->block->id,
            self::PIECE,
            $with->step,
            $with->stepNumber,
            $shapes,
            words: $words,
            until: $with->until,
            untilNumber: $with->untilNumber,
        );
    }

    private function mark(WordMark $mark, Box $box, Palette $palette): Shape
    {
        $paint = Paint::outlined($palette->dark ? self::RED_ON_DARK : self::RED, self::LINE);

        return match ($mark) {
            WordMark::Ring => Shape::ellipse(new Box($box->x - 8, $box->y - 6, $box->width + 16, $box->height + 16), $paint),
            WordMark::Strike => Shape::polyline([[$box->x - 4, $box->middleY() + 4], [$box->right() + 4, $box->middleY() - 4]], $paint),
        };
    }

    /** @return list<Shape> */
    private function label(string $text, Box $box, RenderContext $context): array
    {
        $style = new TextStyle(self::LABEL, Paint::INK);

        return [
            Shape::rectangle($box, Paint::outlined(Paint::INK, 3, Paint::CARD), 8),
            $context->type->label($text, $box->x + self::PADDING, $box->middleY() + self::LABEL * 0.34, $style),
        ];
    }

    /** @return array<string, array{string, Box}> by id: text and where it stands */
    private function labels(RenderContext $context): array
    {
        return array_map(function (array $label) use ($context): array {
            $width = $context->type->width($label['text'], new TextStyle(self::LABEL)) + 2 * self::PADDING;
            $height = self::LABEL * 1.6;
            $x = $this->box->x + $label['x'] * $this->box->width;
            $y = $this->box->y + $label['y'] * $this->box->height - $height / 2;

            return [$label['text'], new Box(
                max($this->page->x, min($x, $this->page->right() - $width)),
                max($this->page->y, min($y, $this->page->bottom() - $height)),
                $width,
                $height,
            )];
        }, $this->annotations->labels);
    }

    /** @return list<array{Box, Group}> where a phrase stands: one box for each of its lines */
    private function lines(string $phrase): array
    {
        $found = Phrase::find(array_column($this->words, 0), $phrase);
        $lines = [];
        foreach ($found === null ? [] : array_slice($this->words, $found[0], $found[1] - $found[0] + 1) as [, $box, $group]) {
            $last = array_key_last($lines);
            if ($last !== null && $lines[$last][1] === $group && abs($lines[$last][0]->y - $box->y) < 1) {
                $lines[$last] = [Box::around([$lines[$last][0], $box]), $group];
            } else {
                $lines[] = [$box, $group];
            }
        }

        return $lines;
    }

    /**
     * @param  list<Group>  $groups
     * @return list<array{string, Box, Group}>
     */
    private static function read(array $groups): array
    {
        $words = [];
        foreach ($groups as $group) {
            foreach ($group->shapes as $shape) {
                foreach ($shape->isText() && $shape->markup === null ? $shape->placedWords() : [] as [$word, $box]) {
                    if ($word !== '') {
                        $words[] = [Phrase::word($word), $box->scaled($group->scale)->moved($group->x, $group->y), $group];
                    }
                }
            }
        }

        return $words;
    }
}
