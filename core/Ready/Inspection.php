<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;
use Daybright\Scene\Scene;

/** A lesson with the pictures of its slides and what is recorded of them, for the rules to look at. */
final readonly class Inspection
{
    /**
     * @param  array<string, Scene>  $scenes by slide id
     * @param  array<string, Take>  $takes the chosen take of each slide, by slide id
     */
    public function __construct(public Lesson $lesson, public array $scenes, public array $takes)
    {
    }
}
