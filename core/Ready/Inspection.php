<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Lesson;
use Daybright\Scene\Scene;

/** A lesson with the pictures of its slides, for the rules to look at. */
final readonly class Inspection
{
    /** @param  array<string, Scene>  $scenes by slide id */
    public function __construct(public Lesson $lesson, public array $scenes)
    {
    }
}
