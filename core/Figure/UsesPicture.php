<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure drawn on picture files of the lesson. */
interface UsesPicture extends Figure
{
    /** @return list<string> ids of media */
    public function pictures(): array;

    /** @return string|null a sentence that says what picture is still to be chosen */
    public function missingPicture(): ?string;
}
