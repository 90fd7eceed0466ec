<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** One stage of a drawing as it builds up. */
final readonly class FigureStep
{
    /**
     * @param  string  $label for the teacher
     * @param  string  $script a first line to say
     */
    public function __construct(public string $name, public string $label, public string $script)
    {
    }
}
