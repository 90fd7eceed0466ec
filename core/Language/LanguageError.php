<?php

declare(strict_types=1);

namespace Daybright\Language;

use Daybright\Failure;
use DomainException;

/** Something about a word that cannot be determined; the message says why. */
final class LanguageError extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'unknown-word';
    }

    public static function unknownSound(string $code): self
    {
        return new self("“{$code}” is no speech sound of English.");
    }
}
