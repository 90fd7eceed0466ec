<?php

declare(strict_types=1);

namespace Daybright\Block\Link;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\LeadsOutside;
use Daybright\Block\SpreadsOut;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A film or an article that may not be copied: a card with its title, why to look at it, and a code to scan. */
final readonly class LinkBlock implements BlockContent, LeadsOutside, SpreadsOut, WrittenInPlace
{
    private const MARGIN = 32.0;

    private const GAP = 14.0;

    /** Narrower cards have the code below their words. */
    private const UPRIGHT = 620.0;

    /** The least side of the code: large enough to be scanned from a video on the other side of a desk. */
    private const CODE = 230.0;

    private const LARGEST = 420.0;

    private function __construct(private OutsideLink $link)
    {
    }

    public static function name(): string
    {
        return 'link';
    }

    public static function label(): string
    {
        return 'Link';
    }

    public static function blank(): array
    {
        return ['title' => '', 'address' => '', 'why' => '', 'from' => '', 'to' => '', 'minutes' => null];
    }

    public static function from(Fields $content): self
    {
        return new self(new OutsideLink(
            $content->text('title', ''),
            $content->text('address', ''),
            $content->text('why', ''),
            $content->text('from', ''),
            $content->text('to', ''),
            $content->optionalNumber('minutes'),
        ));
    }

    public function link(): OutsideLink
    {
        return $this->link;
    }

    public function pieces(): array
    {
        return [];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $least = $this->set($bounds, self::CODE);
        // In a higher card the code is larger, as long as the words still find room beside it.
        $most = min(self::LARGEST, $bounds->width / 3, ($bounds->height ?? 0.0) - 2 * self::MARGIN);
        if ($bounds->height === null || $bounds->width < self::UPRIGHT || $most <= self::CODE) {
            return $least;
        }
        $larger = $this->set($bounds, $most);

        return $larger->height <= $bounds->height + 0.5 ? $larger : $least;
    }

    /** @param  float  $side of the code */
    private function set(LayoutBounds $bounds, float $side): BlockLayout
    {
        $context = $bounds->context;
        $isUpright = $bounds->width < self::UPRIGHT;
        $room = $bounds->width - 2 * self::MARGIN - ($isUpright ? 0.0 : $side + self::MARGIN);
        $title = $bounds->text($this->link->title, LayoutBounds::HEADLINE, $context->strong, true, $room, 0);
        $why = $bounds->text($this->link->why, 1, Paint::INK, false, $room, 0);
        $where = $bounds->text(
            implode(' · ', array_filter([$this->link->site(), $this->link->part()])),
            LayoutBounds::SMALL,
            Paint::QUIET,
            false,
            $room,
            0,
        );
        $words = $title->height() + $why->height() + $where->height() + 2 * self::GAP;
        $least = ($isUpright ? $words + self::GAP + $side : max($words, $side)) + 2 * self::MARGIN;
        $height = max($least, $bounds->height ?? $least);
        $y = $isUpright ? self::MARGIN + ($height - $least) / 2 : ($height - $words) / 2;
        $belowTitle = $y + $title->height() + self::GAP;
        $belowWhy = $belowTitle + $why->height() + self::GAP;
        $code = $isUpright
            ? new Box(self::MARGIN, $belowWhy + $where->height() + self::GAP, $side, $side)
            : new Box($bounds->width - self::MARGIN - $side, ($height - $side) / 2, $side, $side);

        return new BlockLayout($height, [BlockPiece::MAIN => [
            ...$context->cards->shapes(new Box(0, 0, $bounds->width, $height), $context->strong),
            ...$title->shapes(self::MARGIN, $y),
            ...$why->shapes(self::MARGIN, $belowTitle),
            ...$where->shapes(self::MARGIN, $belowWhy),
            ...$this->scanned($code, $context),
        ]], [], [
            $title->field('title', 'Title', self::MARGIN, $y),
            $why->field('why', 'Why to look at it', self::MARGIN, $belowTitle),
        ]);
    }

    /** @return list<Shape> an empty place while nothing can be scanned */
    private function scanned(Box $box, RenderContext $context): array
    {
        return $context->codes === null || $this->link->fault() !== null
            ? [Shape::rectangle($box, Paint::outlined(Paint::QUIET, 3, 'none', '14 10'), 10)]
            : Shape::code($context->codes->of(trim($this->link->address)), $box);
    }

    public function words(RenderContext $context): array
    {
        $said = array_map(
            static fn (string $text): string => rtrim($context->spoken($text), '.'),
            [$this->link->title, $this->link->why, $this->link->part()],
        );

        return [BlockPiece::MAIN => 'Link: '.implode('. ', array_filter($said, static fn (string $text): bool => $text !== ''))];
    }

    public function statements(): array
    {
        return [];
    }
}
