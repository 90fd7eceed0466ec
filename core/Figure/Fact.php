<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Maths\Quantity;

/** Something that follows from a figure's quantities. */
final readonly class Fact
{
    /**
     * @param  string  $name as used between braces in a text
     * @param  string  $meaning in words
     */
    private function __construct(public string $name, public string $written, public string $meaning, public ?Quantity $quantity)
    {
    }

    public static function quantity(string $name, Quantity $quantity, string $meaning): self
    {
        return new self($name, $quantity->exact ? $quantity->written() : "≈\u{00A0}".$quantity->rounded()->written(), $meaning, $quantity);
    }

    public static function words(string $name, string $written, string $meaning): self
    {
        return new self($name, $written, $meaning, null);
    }
}
