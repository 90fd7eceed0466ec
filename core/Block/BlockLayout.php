<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Scene\Link;
use Daybright\Scene\PointHandle;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** A block laid out for a width: how high it is, and the shapes of its pieces, about its own zero. */
final readonly class BlockLayout
{
    /**
     * @param  array<string, list<Shape>>  $pieces piece => shapes, in the order in which they are drawn
     * @param  array<string, Link>  $links piece => where it leads
     * @param  list<TextField>  $fields texts of the content that can be typed where they stand
     * @param  list<PointHandle>  $handles points of the content that can be moved where they stand
     * @param  list<string>  $covers pieces that are seen from the beginning and taken off at their step
     */
    public function __construct(
        public float $height,
        public array $pieces,
        public array $links = [],
        public array $fields = [],
        public array $handles = [],
        public array $covers = [],
    ) {
    }
}
