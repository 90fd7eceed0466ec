<?php

declare(strict_types=1);

namespace Daybright\Block\Quotation;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\StandsAlone;
use Daybright\Block\Unfinished;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Somebody's own words, and whose they are. */
final readonly class QuotationBlock implements BlockContent, StandsAlone, Unfinished, WrittenInPlace
{
    private const INDENT = 48.0;

    private const GAP = 14.0;

    /** @param  string  $source who said it, and where it stands */
    private function __construct(private string $text, private string $source)
    {
    }

    public static function name(): string
    {
        return 'quotation';
    }

    public static function label(): string
    {
        return 'Quotation';
    }

    public static function blank(): array
    {
        return ['text' => '', 'source' => ''];
    }

    public static function from(Fields $content): self
    {
        return new self($content->text('text', ''), $content->text('source', ''));
    }

    public function pieces(): array
    {
        return $this->source === '' ? [] : [new BlockPiece('source', 'whose words they are', "These are the words of {$this->source}.")];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $width = $bounds->width - self::INDENT;
        $text = $bounds->text("“{$this->text}”", 1, Paint::INK, false, $width, 0);
        $source = $bounds->text($this->source, LayoutBounds::SMALL, Paint::QUIET, false, $width, 0);
        $height = $text->height() + ($this->source === '' ? 0.0 : self::GAP + $source->height());
        $bar = Shape::rectangle(new Box(0, 0, 8, $height), Paint::filled($bounds->context->strong), 4);

        return new BlockLayout($height, array_filter([
            BlockPiece::MAIN => [$bar, ...$text->shapes(self::INDENT, 0)],
            'source' => $this->source === '' ? [] : $source->shapes(self::INDENT, $text->height() + self::GAP),
        ]), [], [
            $text->field('text', 'Their words', self::INDENT, 0)->inParagraphs(),
            $source->field('source', 'Source', self::INDENT, $text->height() + self::GAP),
        ]);
    }

    public function words(RenderContext $context): array
    {
        return array_filter([
            BlockPiece::MAIN => 'Quotation: '.$context->spoken($this->text),
            'source' => $context->spoken($this->source),
        ]);
    }

    /** A sum that somebody else wrote is quoted as it stands, right or wrong. */
    public function statements(): array
    {
        return [new Statement($this->source, 'source')];
    }

    public function missing(): ?string
    {
        return match (true) {
            trim($this->text) === '' => 'This quotation has no words yet. Write them, or take the block away.',
            trim($this->source) === '' => 'This quotation does not say whose words they are. Name its source.',
            default => null,
        };
    }
}
