<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Daybright\Failure;
use RuntimeException;
use Throwable;

/** Formulas cannot be set just now, whatever they are. */
final class FormulasAway extends RuntimeException implements Failure
{
    public static function failureCode(): string
    {
        return 'formulas-away';
    }

    public static function because(Throwable $error): self
    {
        return new self(
            'Formulas cannot be set just now. Nothing is lost: it is tried again as soon as the server can set them.',
            0,
            $error,
        );
    }
}
