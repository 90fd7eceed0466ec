<?php

declare(strict_types=1);

namespace Daybright\Block\Instructions;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\SpreadsOut;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Repetition;
use Daybright\Scene\SetText;

/** Numbered things to do, in order. */
final readonly class InstructionsBlock implements BlockContent, SpreadsOut, WrittenInPlace
{
    private const GAP = 16.0;

    private const INDENT = 24.0;

    /** Items, as the schema has them. */
    private const MOST = 12;

    /** @param  list<string>  $items */
    private function __construct(private array $items)
    {
    }

    public static function name(): string
    {
        return 'instructions';
    }

    public static function label(): string
    {
        return 'Instructions';
    }

    public static function blank(): array
    {
        return ['items' => ['']];
    }

    public static function from(Fields $content): self
    {
        return new self($content->texts('items'));
    }

    public function pieces(): array
    {
        return array_map(
            static fn (int $number, string $item): BlockPiece => new BlockPiece('item-'.($number + 1), 'number '.($number + 1), $item),
            array_keys($this->items),
            $this->items,
        );
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $disc = max(52.0, $bounds->size * 1.24);
        $texts = array_map(
            static fn (string $item): SetText => $bounds->text($item, 1, Paint::INK, false, $bounds->width - $disc - self::INDENT, 0),
            $this->items,
        );
        $heights = array_map(static fn (SetText $text): float => max($disc, $text->height()), $texts);
        $needed = array_sum($heights) + self::GAP * (count($heights) - 1);
        $gap = self::GAP + $bounds->spread($needed, count($heights) - 1, $bounds->size * 1.4);
        $y = 0.0;
        $pieces = [];
        $fields = [];
        foreach ($texts as $number => $text) {
            $top = $y + max(0.0, ($disc - $text->height()) / 2);
            $pieces['item-'.($number + 1)] = [
                ...$bounds->context->disc((string) ($number + 1), $disc / 2, $y + $disc / 2, $disc / 2),
                ...$text->shapes($disc + self::INDENT, $top),
            ];
            $fields[] = $text->field("items/{$number}", 'Number '.($number + 1), $disc + self::INDENT, $top)
                ->repeated(new Repetition('', 1, self::MOST));
            $y += $heights[$number] + $gap;
        }

        return new BlockLayout(max(0.0, $y - $gap), $pieces, [], $fields);
    }

    public function words(RenderContext $context): array
    {
        $words = [];
        foreach ($this->items as $number => $item) {
            $words['item-'.($number + 1)] = ($number + 1).': '.$context->spoken($item);
        }

        return $words;
    }

    public function statements(): array
    {
        return array_map(
            static fn (int $number, string $item): Statement => new Statement($item, "items/{$number}"),
            array_keys($this->items),
            $this->items,
        );
    }
}
