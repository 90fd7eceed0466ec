<?php

declare(strict_types=1);

namespace Daybright\Handout;

use Daybright\Scene\Group;
use Daybright\Scene\Shape;

/** Something on a printed page that is never torn over two of them. */
final readonly class Row
{
    /**
     * @param  float  $height in tenths of a millimetre
     * @param  list<Shape>  $shapes about its own top left corner
     * @param  bool  $leads whether it belongs with the row that follows, as a heading does
     * @param  list<Group>  $drawn what stands in it as it was drawn elsewhere, about its top left corner
     */
    public function __construct(public float $height, public array $shapes, public bool $leads = false, public array $drawn = [])
    {
    }
}
