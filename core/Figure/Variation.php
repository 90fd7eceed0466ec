<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Maths\Quantity;

/** Another item of the same kind: new quantities, a question, its answer, and the wrong answers of common slips. */
final readonly class Variation
{
    /**
     * @param  array<string, mixed>  $quantities
     * @param  array<string, Quantity>  $slips what went wrong => the answer it gives, none of them the right one
     */
    private function __construct(public array $quantities, public string $prompt, public Quantity $answer, public array $slips)
    {
    }

    /**
     * @param  array<string, mixed>  $quantities
     * @param  array<string, Quantity>  $slips
     */
    public static function of(array $quantities, string $prompt, Quantity $answer, array $slips): self
    {
        $different = array_filter($slips, static fn (Quantity $slip): bool => ! $slip->equals($answer));

        return new self($quantities, $prompt, $answer, $different);
    }
}
