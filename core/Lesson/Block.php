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
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $region,
        public string $step,
        public array $reveals,
        public Fields $content,
        public BlockPlacing $placing = new BlockPlacing,
    ) {
    }

    public static function from(Fields $fields): self
    {
        return new self(
            $fields->text('id'),
            $fields->text('kind'),
            $fields->text('region'),
            $fields->text('step'),
            $fields->map('reveals'),
            $fields->fields('content'),
            BlockPlacing::from($fields),
        );
    }

    public function stepOf(string $piece): string
    {
        return $this->reveals[$piece] ?? $this->step;
    }
}
