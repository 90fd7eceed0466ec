<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** Why answers stand together. */
enum Likeness: string
{
    case Blank = 'blank';
    case Same = 'same';
    case Alike = 'alike';
    case Single = 'single';
}
