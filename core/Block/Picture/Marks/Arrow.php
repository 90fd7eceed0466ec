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

/** An arrow, edged in white so that it is seen on any picture. */
final readonly class Arrow implements Mark
{
    private const HEAD = 34.0;

    private function __construct(private Point $at, private Point $from)
    {
    }

    public static function name(): string
    {
        return 'arrow';
    }

    public static function label(): string
    {
        return 'Arrow';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.5, 0.5), Point::from($mark, 'from', 0.3, 0.3));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        [$x, $y] = $this->at->in($picture);
        [$tailX, $tailY] = $this->from->in($picture);
        $length = max(1.0, hypot($x - $tailX, $y - $tailY));
        [$alongX, $alongY] = [($x - $tailX) / $length, ($y - $tailY) / $length];
        $neck = [$x - $alongX * self::HEAD, $y - $alongY * self::HEAD];
        $side = self::HEAD * 0.55;
        $head = [
            [$x, $y],
            [$neck[0] - $alongY * $side, $neck[1] + $alongX * $side],
            [$neck[0] + $alongY * $side, $neck[1] - $alongX * $side],
        ];
        $line = [[$tailX, $tailY], $neck];

        return [
            Shape::polyline($line, Paint::outlined(Paint::CARD, 16)),
            Shape::polygon($head, Paint::outlined(Paint::CARD, 8, Paint::CARD)),
            Shape::polyline($line, Paint::outlined($context->strong, 9)),
            Shape::polygon($head, Paint::filled($context->strong)),
        ];
    }

    public function points(): array
    {
        return ['at' => ['Tip of arrow', $this->at->x, $this->at->y], 'from' => ['End of arrow', $this->from->x, $this->from->y]];
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
