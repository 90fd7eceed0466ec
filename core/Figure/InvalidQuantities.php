<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Failure;
use DomainException;

/** Quantities from which no true figure can be drawn; the message says what is wrong and what would be right. */
final class InvalidQuantities extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'invalid-quantities';
    }

    private function __construct(string $message, public readonly string $field)
    {
        parent::__construct($message);
    }

    public static function because(string $sentence, string $field): self
    {
        return new self($sentence, $field);
    }
}
