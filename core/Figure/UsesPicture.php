<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure drawn on a picture file of the lesson. */
interface UsesPicture extends Figure
{
    /** @return string|null id of the medium; null while none is chosen */
    public function picture(): ?string;
}
