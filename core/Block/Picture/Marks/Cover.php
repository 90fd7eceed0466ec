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

/** A plain patch over a part, which a step takes off. */
final readonly class Cover implements Mark
{
    private const MARK = 60.0;

    private function __construct(private Point $at, private Point $corner)
    {
    }

    public static function name(): string
    {
        return 'cover';
    }

    public static function label(): string
    {
        return 'Cover';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.35, 0.35), Point::from($mark, 'corner', 0.65, 0.65));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        $box = $this->at->boxTo($this->corner, $picture);
        $size = min(self::MARK, $box->height * 0.6);
        $style = new TextStyle($size, $context->strong, true, 0.5);

        return [
            Shape::rectangle($box, Paint::outlined($context->strong, 3, $context->tint), min(14.0, $box->height / 4)),
            ...$size < 20 || $box->width < $size ? [] : [
                $context->type->label('?', $box->middleX(), $box->middleY() + $size * 0.36, $style),
            ],
        ];
    }

    public function points(): array
    {
        return [
            'at' => ['Corner of cover', $this->at->x, $this->at->y],
            'corner' => ['Other corner of cover', $this->corner->x, $this->corner->y],
        ];
    }

    public function words(): string
    {
        return '';
    }

    public function covers(): bool
    {
        return true;
    }
}
