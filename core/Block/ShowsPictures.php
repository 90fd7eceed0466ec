<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that shows picture files of the lesson. */
interface ShowsPictures
{
    /** @return list<string> ids of media */
    public function media(): array;
}
