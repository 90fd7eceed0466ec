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

/** A patch over a part, plain or blurred, which a step takes off. */
final readonly class Cover implements Mark
{
    private const MARK = 60.0;

    /** How far a blur reaches, as a share of the shorter side of the picture. */
    private const BLUR = 0.045;

    private function __construct(private Point $at, private Point $corner, private bool $isBlurred)
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
        return new self(Point::from($mark, 'at', 0.35, 0.35), Point::from($mark, 'corner', 0.65, 0.65), $mark->flag('blurred'));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        $box = $this->at->boxTo($this->corner, $picture);
        if ($this->isBlurred) {
            return $this->blur($box, $picture, $prepared, $context);
        }
        $size = min(self::MARK, $box->height * 0.6);
        $style = new TextStyle($size, $context->strong, true, 0.5);

        return [
            Shape::rectangle($box, Paint::outlined($context->strong, 3, $context->tint), min(14.0, $box->height / 4)),
            ...$size < 20 || $box->width < $size ? [] : [
                $context->type->label('?', $box->middleX(), $box->middleY() + $size * 0.36, $style),
            ],
        ];
    }

    /**
     * Over a ground of its own: where a picture is seen through, what is below would be seen sharp.
     *
     * @return list<Shape>
     */
    private function blur(Box $box, Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        return [
            Shape::rectangle($box, Paint::filled(Paint::CARD)),
            Shape::blurred($prepared->image($picture), $box, self::BLUR * min($picture->width, $picture->height)),
            Shape::rectangle($box, Paint::outlined($context->strong, 3)),
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
