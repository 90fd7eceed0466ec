<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that is written: its texts are typed on the slide itself, the first of them as soon as it is put there. */
interface WrittenInPlace
{
}
