<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\TextField;

/** A block that is one text and nothing else: all of it appears at once. */
abstract readonly class WrittenText implements BlockContent, StandsAlone, WrittenInPlace
{
    final private function __construct(protected string $text)
    {
    }

    /** The text as this kind sets it. */
    abstract protected function set(LayoutBounds $bounds): SetText;

    protected function field(SetText $text): TextField
    {
        return $text->field('text', static::label(), 0, 0);
    }

    public static function blank(): array
    {
        return ['text' => ''];
    }

    public static function from(Fields $content): static
    {
        return new static($content->text('text', ''));
    }

    public function pieces(): array
    {
        return [];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $text = $this->set($bounds);

        return new BlockLayout($text->height(), [BlockPiece::MAIN => $text->shapes(0, 0)], [], [$this->field($text)]);
    }

    public function words(RenderContext $context): array
    {
        return [BlockPiece::MAIN => $context->spoken($this->text)];
    }

    public function statements(): array
    {
        return [new Statement($this->text, 'text')];
    }
}
