<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Daybright\Failure;
use RuntimeException;

/** A drawing that is not well-formed XML: renderers would leave it out, each in its own way. */
final class MalformedDrawing extends RuntimeException implements Failure
{
    public static function failureCode(): string
    {
        return 'malformed-drawing';
    }

    public static function at(int $line, string $what): self
    {
        return new self("The drawing is not well-formed at line {$line}: ".trim($what));
    }
}
