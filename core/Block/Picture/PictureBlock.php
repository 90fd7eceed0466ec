<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A photo or drawing, with its caption and credit. */
final readonly class PictureBlock implements BlockContent, ShowsPictures, Unfinished
{
    private const GAP = 8;

    /** @param  string  $medium id of the picture file; empty while none is chosen */
    private function __construct(private string $medium, private string $caption)
    {
    }

    public static function name(): string
    {
        return 'picture';
    }

    public static function label(): string
    {
        return 'Picture';
    }

    public static function blank(): array
    {
        return ['medium' => null, 'caption' => ''];
    }

    public static function from(Fields $content): self
    {
        return new self($content->text('medium', ''), $content->text('caption', ''));
    }

    public function pieces(): array
    {
        return $this->caption !== '' ? [new BlockPiece('caption', 'the caption', $this->caption)] : [];
    }

    public function leastHeight(): float
    {
        return 180.0;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $height = $bounds->height ?? 180.0;
        $medium = $bounds->context->pictures[$this->medium] ?? null;
        $caption = $this->caption !== ''
            ? $bounds->context->type->fit(
                $bounds->context->filled($this->caption),
                $bounds->width,
                $height * 0.4,
                new TextStyle(max(Typesetter::SMALLEST, $bounds->size * 0.9), align: 0.5),
            )
            : null;
        $credit = $medium === null || $medium->credit === ''
            ? null
            : $bounds->context->type->fit(
                self::credit($medium->credit, $medium->licence),
                $bounds->width,
                $height * 0.3,
                new TextStyle(Typesetter::SMALLEST, Paint::QUIET, align: 0.5),
            );
        // A gap below the picture, and one below the words, whose letters may hang lower than their line.
        $words = ($caption?->height() ?? 0) + ($credit?->height() ?? 0);
        $below = $words > 0 ? $words + 2 * self::GAP : 0;
        $space = new Box(0, 0, $bounds->width, max(40.0, $height - $below));
        $picture = $medium === null ? $space : $space->fitted($medium->width, $medium->height);
        $main = $medium === null
            ? [Shape::rectangle($space, Paint::outlined(Paint::QUIET, 3, '#F4F1E8', '14 10'), 10)]
            : [Shape::image($picture, $medium->id)];
        $y = $picture->bottom() + self::GAP;
        $captionShapes = $caption?->shapes(0, $y) ?? [];
        $y += $caption === null ? 0 : $caption->height();
        array_push($main, ...($credit?->shapes(0, $y) ?? []));

        return new BlockLayout($height, array_filter([BlockPiece::MAIN => $main, 'caption' => $captionShapes]));
    }

    public function words(RenderContext $context): array
    {
        $medium = $context->pictures[$this->medium] ?? null;

        return array_filter([
            BlockPiece::MAIN => $medium === null || $medium->description === '' ? '' : 'Picture: '.$medium->description,
            'caption' => $context->spoken($this->caption),
        ]);
    }

    public function statements(): array
    {
        return [new Statement($this->caption, 'caption')];
    }

    public function media(): array
    {
        return $this->medium === '' ? [] : [$this->medium];
    }

    public function missing(): ?string
    {
        return $this->medium !== '' ? null : 'No picture has been chosen yet. Choose one or take the block away.';
    }

    private static function credit(string $credit, string $licence): string
    {
        return $licence === '' || $licence === 'own' ? $credit : $credit.' · '.strtoupper($licence);
    }
}
