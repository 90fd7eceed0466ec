<?php

declare(strict_types=1);

namespace Daybright\Language;

use DomainException;

/** Something about a word that cannot be told; the message says why. */
final class LanguageError extends DomainException
{
    public static function unknownSound(string $code): self
    {
        return new self("“{$code}” is no speech sound of English.");
    }
}
