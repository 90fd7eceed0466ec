<?php

declare(strict_types=1);

namespace Daybright\Handout;

/** Where a class finds the lesson. */
final readonly class WayIn
{
    /** @param  string  $code by which the class is joined */
    public function __construct(public string $class, public string $code, public string $address)
    {
    }
}
