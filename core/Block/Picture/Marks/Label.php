<?php

declare(strict_types=1);

namespace Daybright\Block\Picture\Marks;

use Daybright\Block\Picture\Mark;
use Daybright\Block\Picture\Point;
use Daybright\Block\Picture\PreparedPicture;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A few words on a quiet field. */
final readonly class Label implements Mark
{
    private const SIZE = 34.0;

    private function __construct(private Point $at, private string $text)
    {
    }

    public static function name(): string
    {
        return 'label';
    }

    public static function label(): string
    {
        return 'Label';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.5, 0.5), $mark->text('text', ''));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        $text = $context->type->fit(
            $context->filled($this->text === '' ? '…' : $this->text),
            $picture->width * 0.6,
            120,
            new TextStyle(self::SIZE, Paint::INK, true),
        );
        [$x, $y] = $this->at->in($picture);
        $width = $text->width() + 32;
        $height = $text->height() + 14;
        // Never over the edge of the picture.
        $left = min(max($x - $width / 2, $picture->x), max($picture->x, $picture->right() - $width));
        $top = min(max($y - $height / 2, $picture->y), max($picture->y, $picture->bottom() - $height));

        return [
            Shape::rectangle(new Box($left, $top, $width, $height), Paint::outlined($context->strong, 3, Paint::CARD), 10),
            ...$text->shapes($left + 16, $top + 7),
        ];
    }

    public function points(): array
    {
        return ['at' => ['Label', $this->at->x, $this->at->y]];
    }

    public function words(): string
    {
        return $this->text;
    }

    public function covers(): bool
    {
        return false;
    }
}
