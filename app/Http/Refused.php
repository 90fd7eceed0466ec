<?php

declare(strict_types=1);

namespace App\Http;

use DomainException;

/** What was sent is understood and not accepted; the message says what to do. */
final class Refused extends DomainException
{
    /** @param  string|null  $pointer JSON Pointer (RFC 6901) to the field */
    private function __construct(public readonly ProblemType $type, string $sentence, public readonly ?string $pointer)
    {
        parent::__construct($sentence);
    }

    public static function at(string $pointer, string $sentence): self
    {
        return new self(ProblemType::Invalid, $sentence, $pointer);
    }

    public static function notSignedIn(string $sentence): self
    {
        return new self(ProblemType::NotSignedIn, $sentence, null);
    }

    public static function notFound(string $sentence): self
    {
        return new self(ProblemType::NotFound, $sentence, null);
    }
}
