<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Scene\Box;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A picture with its recipe: how large it is then, and how it is drawn. */
final readonly class PreparedPicture
{
    private function __construct(private Picture $picture, private Recipe $recipe, public float $width, public float $height)
    {
    }

    /** Null while no picture is chosen. */
    public static function of(string $medium, Recipe $recipe, RenderContext $context): ?self
    {
        $original = $context->pictures[$medium] ?? null;
        if ($original === null) {
            return null;
        }
        $picture = $context->pictures[$recipe->cleared] ?? $original;
        [$width, $height] = self::turned($picture, $recipe);

        return new self($picture, $recipe, $width * $recipe->crop[2], $height * $recipe->crop[3]);
    }

    /** All of it that is seen, in a box of its own shape. */
    public function image(Box $box): Shape
    {
        if ($this->recipe->isPlain()) {
            return Shape::image($box, $this->picture->id);
        }
        [$width, $height] = self::turned($this->picture, $this->recipe);
        $view = new Box($this->recipe->crop[0] * $width, $this->recipe->crop[1] * $height, $this->width, $this->height);
        $whole = new Box(0, 0, $this->picture->width, $this->picture->height);

        return Shape::window($box, $view, [
            Shape::transformed(Shape::image($whole, $this->picture->id), $this->transform($width, $height), $this->recipe->light),
        ]);
    }

    /** As much of it as fills a box. */
    public function filling(Box $box): Shape
    {
        return $this->recipe->isPlain()
            ? Shape::image($box, $this->picture->id, true)
            : Shape::window($box, $box, [$this->image($this->covering($box))]);
    }

    /** Where all of it would be when it fills a box and is cut off beyond it. */
    public function covering(Box $box): Box
    {
        $scale = max($box->width / max(1.0, $this->width), $box->height / max(1.0, $this->height));
        $width = $this->width * $scale;
        $height = $this->height * $scale;

        return new Box($box->middleX() - $width / 2, $box->middleY() - $height / 2, $width, $height);
    }

    /** A part of it enlarged, as it stands in a box. */
    public function part(Box $lens, Box $whole, Box $part): Shape
    {
        return Shape::window($lens, $part, [$this->image($whole)]);
    }

    /** @return array{float, float} width and height after quarter turns */
    private static function turned(Picture $picture, Recipe $recipe): array
    {
        return $recipe->turn % 2 === 0
            ? [(float) $picture->width, (float) $picture->height]
            : [(float) $picture->height, (float) $picture->width];
    }

    /** About its middle; enlarged as far as its slanted corners ask for, so that none of them shows. */
    private function transform(float $width, float $height): string
    {
        $slant = deg2rad(abs($this->recipe->straighten));
        $ratio = max($width / max(1.0, $height), $height / max(1.0, $width));
        $scale = cos($slant) + sin($slant) * $ratio;

        return sprintf(
            'translate(%s %s) rotate(%s) scale(%s %s) translate(%s %s)',
            Shape::short($width / 2),
            Shape::short($height / 2),
            Shape::short($this->recipe->turn * 90 + $this->recipe->straighten),
            Shape::short($this->recipe->mirror ? -$scale : $scale, 5),
            Shape::short($scale, 5),
            Shape::short(-$this->picture->width / 2),
            Shape::short(-$this->picture->height / 2),
        );
    }
}
