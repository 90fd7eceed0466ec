<?php

declare(strict_types=1);

namespace App\Formats;

/** What a file is taken away for. */
enum FilePurpose: string
{
    /** To watch, to hear and to read. */
    case Watch = 'watch';

    case Print = 'print';

    /** For a colleague, or for another program. */
    case PassOn = 'pass-on';
}
