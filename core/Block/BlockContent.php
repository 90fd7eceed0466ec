<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\RenderContext;

/** What a block of one kind holds, read once: how it is drawn, and what it says. */
interface BlockContent
{
    /** In documents, such as “text”. */
    public static function name(): string;

    public static function label(): string;

    /** @return array<string, mixed> content of a new one */
    public static function blank(): array;

    public static function from(Fields $content): self;

    /** @return list<BlockPiece> what may appear at steps of its own, besides the block itself */
    public function pieces(): array;

    /** @throws CannotBeDrawn */
    public function layout(LayoutBounds $bounds): BlockLayout;

    /**
     * In words, for a student who cannot see it: what each piece says or shows, and nothing that only a later piece tells.
     *
     * @return array<string, string> piece => words
     *
     * @throws CannotBeDrawn
     */
    public function words(RenderContext $context): array;

    /** @return list<Statement> texts to be checked for false sums */
    public function statements(): array;
}
