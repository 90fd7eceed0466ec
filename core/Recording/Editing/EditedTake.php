<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Lesson\Slide;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;

/** A slide with the take that is in the lesson, and what is known of its sound. */
final readonly class EditedTake
{
    /**
     * @param  list<int>  $peaks the loudest of each 50 ms, 0 to 100
     * @param  list<int>  $kept samples at which departures from the script begin that the teacher wants to keep
     */
    public function __construct(public Slide $slide, public Take $take, public array $peaks, public array $kept = [])
    {
    }

    /** @return bool whether some of it is cut already, or left out by what was done */
    public function touchesCut(SampleRange $range): bool
    {
        foreach ([...$this->take->cuts, ...$this->take->leftOut()] as $cut) {
            if ($cut->meets($range)) {
                return true;
            }
        }

        return false;
    }
}
