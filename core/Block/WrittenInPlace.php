<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block of which texts are typed on the slide itself. */
interface WrittenInPlace
{
    /** Path to the text that a new one begins with. */
    public static function firstField(): string;
}
