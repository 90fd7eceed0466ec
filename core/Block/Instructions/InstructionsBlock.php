<?php

declare(strict_types=1);

namespace Daybright\Block\Instructions;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Numbered things to do, in order. */
final readonly class InstructionsBlock implements BlockContent
{
    private const GAP = 12.0;

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

    public function leastHeight(): ?float
    {
        return null;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $y = 0.0;
        $pieces = [];
        foreach ($this->items as $number => $item) {
            $text = $bounds->text($item, 1, Paint::INK, false, $bounds->width - 72);
            $height = max(52.0, $text->height());
            $style = new TextStyle(28, '#FFFFFF', true, 0.5);
            $pieces['item-'.($number + 1)] = [
                Shape::circle(26, $y + 26, 24, Paint::filled($bounds->context->strong)),
                $bounds->context->type->label((string) ($number + 1), 26, $y + 36, $style),
                ...$text->shapes(72, $y + max(0.0, (52 - $text->height()) / 2)),
            ];
            $y += $height + self::GAP;
        }

        return new BlockLayout(max(0.0, $y - self::GAP), $pieces);
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
