<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\Shape;

/** How a thing is turned about its middle, and mirrored. */
final readonly class Turn
{
    /** @param  float  $degrees clockwise */
    public function __construct(public float $degrees = 0, public bool $mirrored = false, public bool $upsideDown = false)
    {
    }

    /**
     * @param  list<Shape>  $shapes
     * @return list<Shape>
     */
    public function turned(array $shapes, Box $about): array
    {
        $transform = $this->transform($about);

        return $transform === '' ? $shapes : array_map(
            static fn (Shape $shape): Shape => Shape::transformed($shape, $transform, 0),
            $shapes,
        );
    }

    /**
     * Words are turned and never mirrored.
     *
     * @param  list<Shape>  $shapes
     * @return list<Shape>
     */
    public function turnedWords(array $shapes, Box $about): array
    {
        return (new self($this->degrees))->turned($shapes, $about);
    }

    private function transform(Box $about): string
    {
        [$x, $y] = [Shape::short($about->middleX()), Shape::short($about->middleY())];
        $turn = $this->degrees === 0.0 ? '' : 'rotate('.Shape::short($this->degrees)." {$x} {$y})";
        if (! $this->mirrored && ! $this->upsideDown) {
            return $turn;
        }
        $scale = ($this->mirrored ? '-1' : '1').' '.($this->upsideDown ? '-1' : '1');

        return trim("{$turn} translate({$x} {$y}) scale({$scale}) translate(-{$x} -{$y})");
    }
}
