<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block of which several stand side by side and are equally high. */
interface StandsInRow
{
}
