<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** The units of a working made alike: one for lengths, one for times and so on, taken from what is known where that is of one mind. */
final readonly class LikeUnits
{
    /** @param  array<string, string>|null  $symbols base quantity => symbol of its unit; null for metre, kilogram and second throughout */
    private function __construct(private ?array $symbols)
    {
    }

    /**
     * @param  list<Unit>  $known
     * @param  list<Unit>  $otherwise those of the formula sheet, which decide where the known ones differ
     */
    public static function choose(array $known, array $otherwise): self
    {
        [$typed, $usual] = [self::found($known), self::found($otherwise)];
        $symbols = array_map(static fn (array $found): string => $found[0], $usual);
        foreach ($typed as $base => $found) {
            $symbols[$base] = count($found) > 1 ? ($symbols[$base] ?? $found[0]) : $found[0];
        }

        return new self($symbols);
    }

    public static function coherent(): self
    {
        return new self(null);
    }

    public function convert(Quantity $quantity): Quantity
    {
        if ($this->symbols === null) {
            return $quantity->in(Units::coherent($quantity->unit));
        }
        if ($quantity->unit->isDerived()) {
            return $quantity;
        }
        $symbol = '';
        foreach ($quantity->unit->dimensions as $base => $exponent) {
            if (! isset($this->symbols[$base])) {
                return $quantity;
            }
            $raised = $this->symbols[$base].([2 => '²', 3 => '³'][abs($exponent)] ?? '');
            $symbol = $exponent > 0 ? rtrim("{$raised} {$symbol}") : "{$symbol}/{$raised}";
        }
        if ($symbol === '' || str_starts_with($symbol, '/') || substr_count($symbol, '/') > 1) {
            return $quantity;
        }
        $unit = Units::read($symbol);

        return $unit->measuresLike($quantity->unit) ? $quantity->in($unit) : $quantity;
    }

    /**
     * @param  list<Unit>  $units
     * @return array<string, non-empty-list<string>> base quantity => the symbols in use for it
     */
    private static function found(array $units): array
    {
        $found = [];
        foreach ($units as $unit) {
            preg_match_all('/\p{L}+/u', $unit->symbol(), $match);
            foreach ($match[0] as $symbol) {
                $dimensions = Units::called($symbol)->dimensions ?? [];
                // A litre or a newton is no unit from which others are made.
                if (count($dimensions) === 1 && current($dimensions) === 1) {
                    $found[key($dimensions)][] = $symbol;
                }
            }
        }

        return array_map(static fn (array $symbols): array => array_values(array_unique($symbols)), $found);
    }
}
