<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** A formula as a teacher types it, “v = u + a t” or TeX, ready to be set. */
final readonly class Formula
{
    private const RELATIONS = ['=' => '=', '≈' => '\\approx', '≠' => '\\neq', '≤' => '\\leq', '≥' => '\\geq', '<' => '<', '>' => '>'];

    private function __construct(public string $source, public string $tex)
    {
    }

    /** What cannot be read as a sum is taken as TeX if it holds a backslash or braces, and otherwise set as words. */
    public static function parse(string $source): self
    {
        $source = trim($source);
        if (preg_match('/[\\\\{}]/', $source) === 1) {
            return new self($source, $source);
        }
        try {
            return new self($source, self::chain($source));
        } catch (MathsError) {
            return new self($source, '\\text{'.addcslashes($source, '$%&#_^~').'}');
        }
    }

    private static function chain(string $source): string
    {
        $sides = preg_split('/([=≈≠≤≥<>])/u', $source, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $tex = [];
        foreach ($sides as $index => $side) {
            if ($index % 2 === 1) {
                $tex[] = self::RELATIONS[$side];
            } elseif (trim($side) !== '') {
                $tex[] = (new Parser(Tokens::ofFormula($side)))->parseWhole()->tex();
            } elseif ($index !== 0 && $index !== count($sides) - 1) {
                throw MathsError::unexpected('=', 0);
            }
        }

        return implode(' ', $tex);
    }
}
