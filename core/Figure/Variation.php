<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Maths\Quantity;
use Daybright\Maths\SignificantFigures;

/** Another item of the same kind: new quantities, a question, its answer, and the wrong answers of common slips. */
final readonly class Variation
{
    /** Figures to which an answer is rounded that does not end. */
    public const FIGURES = 3;

    /**
     * @param  array<string, mixed>  $quantities
     * @param  Quantity|string  $answer a number with its unit, or words
     * @param  array<string, Quantity|string>  $slips what went wrong => the answer it gives, none of them the right one, no two alike
     * @param  string  $tolerance how far a typed number may be off, in the unit of the answer; empty for not at all
     */
    private function __construct(
        public array $quantities,
        public string $prompt,
        public Quantity|string $answer,
        public array $slips,
        public string $tolerance,
    ) {
    }

    /**
     * @param  array<string, mixed>  $quantities
     * @param  array<string, Quantity|string>  $slips
     */
    public static function ask(array $quantities, string $prompt, Quantity|string $answer, array $slips, string $tolerance = ''): self
    {
        $different = [];
        $known = [self::written($answer) => $answer];
        foreach ($slips as $why => $slip) {
            $written = self::written($slip);
            if (! isset($known[$written]) && ! self::isWorthOneOf($known, $slip)) {
                $known[$written] = $different[$why] = $slip;
            }
        }

        return new self($quantities, $prompt, $answer, $different, $tolerance);
    }

    /**
     * An item whose answer does not end: it is asked for in three figures, and the last of them may be off by one, since rounding on
     * the way can move it.
     *
     * @param  array<string, mixed>  $quantities
     * @param  array<string, Quantity|string>  $slips
     */
    public static function rounded(array $quantities, string $prompt, Quantity $answer, array $slips): self
    {
        $round = static fn (Quantity|string $value): Quantity|string => $value instanceof Quantity
            ? SignificantFigures::round($value, self::FIGURES)
            : $value;

        return self::ask(
            $quantities,
            "{$prompt} Give three figures.",
            SignificantFigures::round($answer, self::FIGURES),
            array_map($round, $slips),
            SignificantFigures::last($answer, self::FIGURES),
        );
    }

    /** @return list<string> the answer among those of common slips, in an order that gives nothing away */
    public function choices(): array
    {
        $choices = array_map(self::written(...), [$this->answer, ...array_values($this->slips)]);
        sort($choices, SORT_NATURAL);

        return $choices;
    }

    public static function written(Quantity|string $answer): string
    {
        return $answer instanceof Quantity ? $answer->written() : $answer;
    }

    /** @param  array<Quantity|string>  $known */
    private static function isWorthOneOf(array $known, Quantity|string $slip): bool
    {
        return $slip instanceof Quantity
            && array_filter($known, static fn (Quantity|string $each): bool => $each instanceof Quantity && $each->equals($slip)) !== [];
    }
}
