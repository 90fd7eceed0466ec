<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Package;

/** Where the parts of a package (ECMA-376, part 2) are had from. */
interface PackageParts
{
    /** @return string|null the bytes of a part, such as “ppt/presentation.xml”; null where it is missing, damaged or too large */
    public function part(string $name): ?string;
}
