<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Block;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;

/** What is written onto a block of any kind while it is shown: words struck out or ringed, and labels. */
final readonly class Annotations
{
    /** Of a block's content that acts alone put there. */
    public const NAME = 'annotations';

    public const WORDS = 'words';

    public const LABELS = 'labels';

    /** How far beyond its block a label may stand, in times the block's width and height. */
    private const REACH = 40;

    private const MOST = 60;

    private const LONGEST_LABEL = 80;

    private const LONGEST_PHRASE = 400;

    /**
     * @param  array<string, WordMark>  $words by the phrase that is marked (Language\Phrase)
     * @param  array<string, array{text: string, x: float, y: float}>  $labels by id; places are shares of the block's box
     */
    private function __construct(public array $words = [], public array $labels = [])
    {
    }

    public static function on(Block $block): self
    {
        try {
            return self::read($block->content->fields(self::NAME));
        } catch (InvalidLesson) {
            return new self;
        }
    }

    /** @param  array<mixed>  $change of the block's content */
    public static function allow(array $change): bool
    {
        $annotations = $change[self::NAME] ?? [];
        if (! is_array($annotations) || array_diff(array_keys($annotations), [self::WORDS, self::LABELS]) !== []) {
            return false;
        }
        try {
            // A null takes something away, and need not be read.
            self::read(new Fields(array_map(
                static fn (mixed $named): mixed => is_array($named)
                    ? array_filter($named, static fn (mixed $each): bool => $each !== null)
                    : $named,
                $annotations,
            )));
        } catch (InvalidLesson) {
            return false;
        }

        return true;
    }

    public function isEmpty(): bool
    {
        return $this->words === [] && $this->labels === [];
    }

    /** What has been done since the block had others, in words; empty where nothing was. */
    public function done(self $before): string
    {
        $told = [];
        foreach ($this->words as $phrase => $mark) {
            if ($mark !== ($before->words[$phrase] ?? null)) {
                $told[] = "{$mark->done()} “{$phrase}”";
            }
        }
        foreach (array_keys(array_diff_key($before->words, $this->words)) as $phrase) {
            $told[] = "takes the mark off “{$phrase}”";
        }
        foreach ($this->labels as $id => $label) {
            if ($label !== ($before->labels[$id] ?? null)) {
                $told[] = "writes “{$label['text']}” beside it";
            }
        }
        foreach (array_diff_key($before->labels, $this->labels) as $label) {
            $told[] = "takes “{$label['text']}” away";
        }

        return implode(' and ', $told);
    }

    /** @throws InvalidLesson */
    private static function read(Fields $annotations): self
    {
        $words = $labels = [];
        foreach ($annotations->map(self::WORDS) as $phrase => $mark) {
            if (mb_strlen($phrase) > self::LONGEST_PHRASE) {
                throw InvalidLesson::wrongKind($annotations->at(self::WORDS), 'a few words');
            }
            $words[$phrase] = WordMark::tryFrom($mark)
                ?? throw InvalidLesson::wrongKind($annotations->at(self::WORDS), 'a ring or a line through it');
        }
        $given = $annotations->fields(self::LABELS);
        foreach ($given->names() as $id) {
            $label = $given->fields($id);
            [$text, $x, $y] = [trim($label->text('text')), $label->number('x'), $label->number('y')];
            if (mb_strlen($text) > self::LONGEST_LABEL || max(abs($x), abs($y)) > self::REACH) {
                throw InvalidLesson::wrongKind($label->pointer, 'a short text near its block');
            }
            if ($text !== '') {
                $labels[$id] = ['text' => $text, 'x' => $x, 'y' => $y];
            }
        }
        if (count($words) + count($labels) > self::MOST) {
            throw InvalidLesson::wrongKind($annotations->pointer, 'at most '.self::MOST.' marks and labels');
        }

        return new self($words, $labels);
    }
}
