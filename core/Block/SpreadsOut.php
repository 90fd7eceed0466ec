<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that can be given more height than it needs, and spreads what it holds over it. */
interface SpreadsOut
{
}
