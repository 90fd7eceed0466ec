<?php

declare(strict_types=1);

namespace Daybright\Question;

use DomainException;

/** An answer that cannot be marked as it stands; the message tells the student what to do. */
final class InvalidAnswer extends DomainException
{
    public static function blank(): self
    {
        return new self('Write an answer first, even a guess.');
    }

    public static function tooLong(): self
    {
        return new self('That is too long. Keep it under 2000 letters.');
    }

    public static function notANumber(): self
    {
        return new self('Write a number, for example 4.5 or 3/4.');
    }

    public static function notAChoice(): self
    {
        return new self('Choose one of the answers.');
    }
}
