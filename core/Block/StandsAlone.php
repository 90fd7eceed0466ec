<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block whose words may be set large in the middle of a slide that holds nothing else. */
interface StandsAlone
{
}
