<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** A picture in the lesson, built up in steps. */
final readonly class Slide
{
    /**
     * @param  bool  $side whether it is reached only by a link on another slide
     * @param  list<string>  $aims ids of the aims it serves
     * @param  non-empty-list<Step>  $steps
     * @param  list<Block>  $blocks
     * @param  string  $composition name of the composition that it had when it was last looked at; empty for none
     * @param  string  $drawing id of a medium that stands beside the title; empty for none
     * @param  float|null  $share of the width that the left column has, where the teacher set it
     */
    public function __construct(
        public string $id,
        public string $title,
        public bool $side,
        public string $arrangement,
        public array $aims,
        public array $steps,
        public array $blocks,
        public PartKind $part,
        public string $composition = '',
        public ?float $share = null,
        public string $drawing = '',
    ) {
    }

    public static function from(Fields $fields, PartKind $part): self
    {
        $steps = array_map(Step::from(...), $fields->list('steps'));

        return new self(
            $fields->text('id'),
            $fields->text('title', ''),
            $fields->flag('side'),
            $fields->text('arrangement'),
            $fields->texts('aims'),
            $steps === [] ? throw InvalidLesson::missing($fields->at('steps')) : $steps,
            self::blocks($fields->list('blocks')),
            $part,
            $fields->text('composition', ''),
            $fields->optionalNumber('share'),
            $fields->text('drawing', ''),
        );
    }

    /**
     * @param  list<Fields>  $blocks
     * @return list<Block>
     */
    private static function blocks(array $blocks): array
    {
        $sources = [];
        foreach ($blocks as $block) {
            if (! $block->has('source')) {
                $sources[$block->text('id')] = Block::from($block);
            }
        }

        return array_map(
            static fn (Fields $block): Block => $sources[$block->text('id')] ?? Block::from($block, $sources),
            $blocks,
        );
    }

    /** @param  list<Block>  $blocks */
    public function with(array $blocks): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->side,
            $this->arrangement,
            $this->aims,
            $this->steps,
            $blocks,
            $this->part,
            $this->composition,
            $this->share,
            $this->drawing,
        );
    }

    /** The number of a step, from 0; a step that is not on this slide counts as the first, so that nothing is lost from view. */
    public function stepNumber(string $id): int
    {
        foreach ($this->steps as $number => $step) {
            if ($step->id === $id) {
                return $number;
            }
        }

        return 0;
    }

    public function hasStep(string $id): bool
    {
        return in_array($id, array_map(static fn (Step $step): string => $step->id, $this->steps), true);
    }

    public function block(string $id): ?Block
    {
        foreach ($this->blocks as $block) {
            if ($block->id === $id) {
                return $block;
            }
        }

        return null;
    }
}
