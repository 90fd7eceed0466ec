<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

/** A track that says which slide is seen; of two that do, the later one in the list of tracks wins. */
interface ShowsSlides extends Track
{
}
