<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** One thing on a slide: its kind, where it stands, when its pieces appear, and its own content. */
final readonly class Block
{
    /**
     * @param  string  $region one of the arrangement's regions
     * @param  string  $step the step at which it appears
     * @param  array<string, string>  $reveals piece => step, for pieces that appear at a step of their own
     * @param  self|null  $source another block of the slide, of which it shows the numbers
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $region,
        public string $step,
        public array $reveals,
        public Fields $content,
        public BlockPlacing $placing = new BlockPlacing,
        public ?self $source = null,
    ) {
    }

    /** @param  array<string, self>  $sources blocks that it may show the numbers of, by id */
    public static function from(Fields $fields, array $sources = []): self
    {
        return new self(
            $fields->text('id'),
            $fields->text('kind'),
            $fields->text('region'),
            $fields->text('step'),
            $fields->map('reveals'),
            $fields->fields('content'),
            BlockPlacing::from($fields),
            $sources[$fields->text('source', '')] ?? null,
        );
    }

    public function with(Fields $content): self
    {
        return new self($this->id, $this->kind, $this->region, $this->step, $this->reveals, $content, $this->placing, $this->source);
    }

    public function fedBy(?self $source): self
    {
        return new self($this->id, $this->kind, $this->region, $this->step, $this->reveals, $this->content, $this->placing, $source);
    }

    public function stepOf(string $piece): string
    {
        return $this->reveals[$piece] ?? $this->step;
    }
}
