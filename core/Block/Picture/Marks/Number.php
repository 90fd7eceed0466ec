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

/** A number or a letter on a disc. */
final readonly class Number implements Mark
{
    private const RADIUS = 28.0;

    private function __construct(private Point $at, private string $text)
    {
    }

    public static function name(): string
    {
        return 'number';
    }

    public static function label(): string
    {
        return 'Number';
    }

    public static function from(Fields $mark): self
    {
        return new self(Point::from($mark, 'at', 0.5, 0.5), mb_substr($mark->text('text', ''), 0, 2));
    }

    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array
    {
        [$x, $y] = $this->at->in($picture);

        return [
            Shape::circle($x, $y, self::RADIUS + 4, Paint::filled(Paint::CARD)),
            ...$context->disc($this->text === '' ? '…' : $this->text, $x, $y, self::RADIUS),
        ];
    }

    public function points(): array
    {
        return ['at' => ['Number', $this->at->x, $this->at->y]];
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
