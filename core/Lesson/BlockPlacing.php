<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** What the teacher wants of how a block stands in its place; without a wish it is left to the composer. */
final readonly class BlockPlacing
{
    public const SMALLEST = 0.5;

    public const LARGEST = 1.6;

    private const ALIGNS = ['left' => 0.0, 'middle' => 0.5, 'right' => 1.0];

    /**
     * @param  float  $size of its type against that of the slide, or of a picture or figure against its place
     * @param  float|null  $align 0 left, 0.5 middle, 1 right; null leaves it to the composer
     */
    public function __construct(public float $size = 1.0, public ?float $align = null)
    {
    }

    public static function from(Fields $block): self
    {
        return new self(
            min(self::LARGEST, max(self::SMALLEST, $block->optionalNumber('size') ?? 1.0)),
            self::ALIGNS[$block->text('align', '')] ?? null,
        );
    }

    /** @return list<string> names of the ways to align */
    public static function aligns(): array
    {
        return array_keys(self::ALIGNS);
    }
}
