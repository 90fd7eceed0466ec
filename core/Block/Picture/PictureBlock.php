<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\FillsSlide;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Block\TakesRoom;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A photo or drawing, with its caption and credit. */
final readonly class PictureBlock implements BlockContent, FillsSlide, ShowsPictures, TakesRoom, Unfinished
{
    private const LEAST_HEIGHT = 200.0;

    private const GAP = 8.0;

    /** @param  string  $medium id of the picture file; empty while none is chosen */
    private function __construct(private string $medium, private string $caption, private Marks $marks, private Recipe $recipe)
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
        return new self(
            $content->text('medium', ''),
            $content->text('caption', ''),
            Marks::from($content->list('marks')),
            Recipe::from($content->fields('recipe')),
        );
    }

    public function pieces(): array
    {
        return [
            ...$this->caption !== '' ? [new BlockPiece('caption', 'the caption', $this->caption)] : [],
            ...$this->marks->pieces(),
        ];
    }

    public function least(float $width): Box
    {
        return new Box(0, 0, 240, self::LEAST_HEIGHT);
    }

    public function shape(RenderContext $context): ?float
    {
        $prepared = PreparedPicture::of($this->medium, $this->recipe, $context);

        return $prepared === null ? null : $prepared->width / max(1.0, $prepared->height);
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $height = $bounds->height ?? self::LEAST_HEIGHT;
        $picture = $bounds->context->pictures[$this->medium] ?? null;
        $size = max(Typesetter::SMALLEST, $bounds->size * LayoutBounds::SMALL);
        $caption = $this->set($this->caption, $bounds, new TextStyle($size, Paint::INK, true), $bounds->width, $height * 0.4);
        $credit = $this->set(
            $picture === null ? '' : $picture->creditLine(),
            $bounds,
            new TextStyle(Typesetter::SMALLEST, Paint::QUIET),
            $bounds->width,
            $height * 0.3,
        );
        $words = new PictureWords($caption, $credit, $bounds->width);
        $below = $words->height() > 0 ? $words->height() + 2 * self::GAP : 0.0;
        $space = new Box(0, 0, $bounds->width, max(40.0, $height - $below));
        $prepared = PreparedPicture::of($this->medium, $this->recipe, $bounds->context);
        $place = $prepared === null ? $space : $space->fitted($prepared->width, $prepared->height);
        $drawn = $prepared?->image($place)
            ?? Shape::rectangle($place, Paint::outlined(Paint::QUIET, 3, '#F4F1E8', '14 10'), 10);
        $y = $place->bottom() + self::GAP;

        return new BlockLayout($height, array_filter([
            BlockPiece::MAIN => [$drawn, ...$words->creditBelow($place, $y)],
            'caption' => $words->captionBelow($place, $y),
            ...$prepared === null ? [] : $this->marks->shapes($place, $prepared, $bounds->context),
        ]), [], [$this->captionField($words, $place, $y, $bounds, $size)], $this->marks->handles($place), $this->marks->covers());
    }

    /** Where the caption is typed: where it stands, or over the lower edge of a picture that has none yet. */
    private function captionField(PictureWords $words, Box $place, float $y, LayoutBounds $bounds, float $size): TextField
    {
        $known = $words->captionField($place, $y);
        if ($known !== null) {
            return $known;
        }
        $empty = $bounds->context->type->set('', $place->width, new TextStyle($size, Paint::INK, true));

        return $empty->field('caption', 'Caption', $place->x, $place->bottom() - $empty->height());
    }

    public function filling(Box $box, RenderContext $context): BlockLayout
    {
        $picture = $context->pictures[$this->medium] ?? null;

        $prepared = PreparedPicture::of($this->medium, $this->recipe, $context);
        if ($picture === null || $prepared === null) {
            return new BlockLayout($box->height, [BlockPiece::MAIN => []]);
        }
        $notice = $picture->creditLine();
        $text = implode(' · ', array_filter([$context->filled($this->caption), $notice]));
        $style = new TextStyle(Typesetter::SMALLEST, Paint::INK);
        $label = $context->type->fit($text, $box->width * 0.6, 120, $style);
        $field = new Box($box->right() - $label->width() - 44, $box->y, $label->width() + 44, $label->height() + 20);

        $seen = $prepared->covering($box);

        return new BlockLayout($box->height, [BlockPiece::MAIN => [
            $prepared->filling($box),
            ...$text === '' ? [] : [
                Shape::rectangle($field, Paint::filled(Paint::PAPER)),
                ...$label->shapes($field->x + 22, $field->y + 10),
            ],
        ], ...$this->marks->shapes($seen, $prepared, $context)], handles: $this->marks->handles($seen), covers: $this->marks->covers());
    }

    private function set(string $text, LayoutBounds $bounds, TextStyle $style, float $width, float $height): ?SetText
    {
        return $text === '' ? null : $bounds->context->type->fit($bounds->context->filled($text), $width, $height, $style);
    }

    public function words(RenderContext $context): array
    {
        $medium = $context->pictures[$this->medium] ?? null;

        return array_filter([
            BlockPiece::MAIN => $medium === null || $medium->description === '' ? '' : 'Picture: '.$medium->description,
            'caption' => $context->spoken($this->caption),
            ...$this->marks->words($context),
        ]);
    }

    public function statements(): array
    {
        return [new Statement($this->caption, 'caption')];
    }

    public function media(): array
    {
        return array_values(array_filter([$this->medium, $this->recipe->cleared], static fn (string $id): bool => $id !== ''));
    }

    public function missing(): ?string
    {
        return $this->medium !== '' ? null : 'No picture has been chosen yet. Choose one or take the block away.';
    }
}
