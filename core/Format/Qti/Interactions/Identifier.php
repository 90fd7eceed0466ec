<?php

declare(strict_types=1);

namespace Daybright\Format\Qti\Interactions;

/** Our ids as QTI’s identifiers, which begin with a letter (QTI 2.1, section 3.2). */
final class Identifier
{
    public static function of(string $id): string
    {
        return 'id-'.preg_replace('/[^A-Za-z0-9-]/', '-', $id);
    }
}
