<?php

declare(strict_types=1);

namespace Daybright\Figure\LabelledPicture;

use Daybright\Scene\Box;
use Daybright\Scene\Shape;

/** How the names of a picture's parts stand about it. */
interface Labels
{
    /** @return array<string, list<Shape>> by the step that shows it */
    public function pieces(): array;

    /**
     * Where names are written that were taken out.
     *
     * @return array<int, Box> by number of the point
     */
    public function blanks(): array;

    /** @return array<string, Box> where each name stands in the list of them, by name */
    public function names(): array;
}
