<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Fields;

/** One thing that the ready check found, and where. */
final readonly class Finding
{
    /**
     * @param  string  $rule name of the rule that found it
     * @param  string  $sentence what is the matter and what to do
     * @param  string|null  $field path inside the block's content
     */
    private function __construct(
        public string $rule,
        public string $sentence,
        public ?string $slide,
        public ?string $block,
        public ?string $step,
        public ?string $field,
    ) {
    }

    public static function read(Fields $finding): self
    {
        return new self(
            $finding->text('rule'),
            $finding->text('sentence'),
            $finding->optionalText('slide'),
            $finding->optionalText('block'),
            $finding->optionalText('step'),
            $finding->optionalText('field'),
        );
    }

    public static function ofLesson(string $rule, string $sentence): self
    {
        return new self($rule, $sentence, null, null, null, null);
    }

    public static function ofSlide(string $rule, string $sentence, string $slide): self
    {
        return new self($rule, $sentence, $slide, null, null, null);
    }

    public static function ofStep(string $rule, string $sentence, string $slide, string $step): self
    {
        return new self($rule, $sentence, $slide, null, $step, null);
    }

    public static function ofBlock(string $rule, string $sentence, string $slide, string $block, ?string $field = null): self
    {
        return new self($rule, $sentence, $slide, $block, null, $field);
    }
}
