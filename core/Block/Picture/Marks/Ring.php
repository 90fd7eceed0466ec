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

/** A ring around a part. */
final readonly class Ring implements Mark
{
    /** @param  Point  $edge a point that it goes through */
    private function __construct(private Point $at, private Point $edge)
    {
    }

    public static function name(): string
    {
        return 'ring';
    }

    public static function label(): string
    {
        return 'Ring';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.5, 0.5), Point::from($mark, 'edge', 0.62, 0.5));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        [$x, $y] = $this->at->in($picture);
        [$edgeX, $edgeY] = $this->edge->in($picture);
        $radius = max(12.0, hypot($edgeX - $x, $edgeY - $y));

        return [
            Shape::circle($x, $y, $radius, Paint::outlined(Paint::CARD, 15)),
            Shape::circle($x, $y, $radius, Paint::outlined($context->strong, 9)),
        ];
    }

    public function points(): array
    {
        return ['at' => ['Middle of ring', $this->at->x, $this->at->y], 'edge' => ['Edge of ring', $this->edge->x, $this->edge->y]];
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
