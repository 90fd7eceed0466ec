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

/** A part shown larger, in its place or beside it. */
final readonly class Detail implements Mark
{
    /** How many times larger. */
    private const LARGER = 2.2;

    /** The part, as a share of the picture's width and height. */
    private const PART = 0.13;

    /** @param  Point  $to where the enlarged part stands */
    private function __construct(private Point $at, private Point $to)
    {
    }

    public static function name(): string
    {
        return 'detail';
    }

    public static function label(): string
    {
        return 'Enlarged detail';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.3, 0.3), Point::from($mark, 'to', 0.75, 0.7));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        [$x, $y] = $this->at->in($picture);
        [$toX, $toY] = $this->to->in($picture);
        $side = self::PART * min($picture->width, $picture->height) * 1.4;
        $part = new Box(
            min(max($x - $side / 2, $picture->x), $picture->right() - $side),
            min(max($y - $side / 2, $picture->y), $picture->bottom() - $side),
            $side,
            $side,
        );
        $large = $side * self::LARGER;
        $lens = new Box(
            min(max($toX - $large / 2, $picture->x), max($picture->x, $picture->right() - $large)),
            min(max($toY - $large / 2, $picture->y), max($picture->y, $picture->bottom() - $large)),
            $large,
            $large,
        );

        return [
            Shape::rectangle($part, Paint::outlined(Paint::CARD, 9)),
            Shape::rectangle($part, Paint::outlined($context->strong, 5)),
            Shape::polyline(
                [[$part->middleX(), $part->middleY()], [$lens->middleX(), $lens->middleY()]],
                Paint::outlined($context->strong, 4),
            ),
            Shape::rectangle($lens, Paint::filled(Paint::CARD)),
            $prepared->part($lens, $picture, $part),
            Shape::rectangle($lens, Paint::outlined($context->strong, 6)),
        ];
    }

    public function points(): array
    {
        return ['at' => ['Part to enlarge', $this->at->x, $this->at->y], 'to' => ['Enlarged part', $this->to->x, $this->to->y]];
    }

    public function words(): string
    {
        return '';
    }

    public function covers(): bool
    {
        return false;
    }
}
