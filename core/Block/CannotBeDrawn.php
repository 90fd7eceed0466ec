<?php

declare(strict_types=1);

namespace Daybright\Block;

use DomainException;

/** A block that cannot be drawn as it is; the message says what is wrong and what would be right. */
final class CannotBeDrawn extends DomainException
{
    public static function because(DomainException $error): self
    {
        return new self($error->getMessage(), 0, $error);
    }

    public static function tooNarrow(): self
    {
        return new self('This figure needs a wider area to be read. Give it the whole slide, or a wider side of it.');
    }
}
