<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/**
 * Sums that are said, turned into figures and signs: “four eights are thirty-four” becomes “4 × 8 = 34”.
 *
 * Only whole phrases with their result are touched; every other number word stays as it is.
 */
final class SpokenSums
{
    private const PHRASES = [
        '{free}{number} {table} {is} {number}{ends}' => '{1} × {2} = {3}',
        '{begins}{number} (?:lots|groups|sets|rows) of {number} {is} {number}{ends}' => '{1} × {2} = {3}',
        '{begins}(?:minus|negative) {number} plus {number} {is} {number}{ends}' => '−{1} + {2} = {3}',
        '{begins}(?:minus|negative) {number} minus {number} {is} {number}{ends}' => '−{1} − {2} = {3}',
        '(?<![\p{L}\d.,-])(?<!minus )(?<!negative ){number} (?:percent|per cent) of {number} {is} {number}{ends}' => '{1}% of {2} = {3}',
        '{begins}{one or fraction} (?:plus|and|add) {one or fraction} {is} {one or fraction}{ends}' => '{1} + {2} = {3}',
        '{begins}{one or fraction} (?:minus|take away) {one or fraction} {is} {one or fraction}{ends}' => '{1} − {2} = {3}',
        '{begins}{number} to the power (?:of )?{number} {is} {number}{ends}' => '{1}^{2} = {3}',
        '{free}{number} (?:shared|split) (?:between|among|by|into) {number} {is} {number}{ends}' => '{1} ÷ {2} = {3}',
        '{begins}{number} (?:less|fewer) than {number} {is} {number}{ends}' => '{2} − {1} = {3}',
        '{begins}{number} more than {number} {is} {number}{ends}' => '{2} + {1} = {3}',
        '{begins}(?:double|twice) {number} {is} {number}{ends}' => '2 × {1} = {2}',
        '{begins}(?:treble|triple) {number} {is} {number}{ends}' => '3 × {1} = {2}',
        '{begins}{one or number} dozen {is} {number}{ends}' => '{1} × 12 = {2}',
        '(?<!\band )(?<!\bthan )(?<![\p{L}\d-]){fraction} of {number} {is} {number}{ends}' => '{1} of {2} = {3}',
        '(?<!\band )(?<!\bthan )(?<![\p{L}\d-]){fraction} of {number} (\p{L}+) {is} {number} \3{ends}' => '{1} of {2} = {4}',
        '{begins}{fraction} {is} {decimal}{ends}' => '{1} = {2}',
        '{begins}{decimal} {is} {fraction}{ends}' => '{1} = {2}',
        '{begins}{number} squared {is} {number}{ends}' => '{1}² = {2}',
        '{begins}{number} cubed {is} {number}{ends}' => '{1}³ = {2}',
        '{begins}the square of {number} {is} {number}{ends}' => '{1}² = {2}',
        '{begins}the cube of {number} {is} {number}{ends}' => '{1}³ = {2}',
        '{begins}the square root of {number} {is} {number}{ends}' => '√{1} = {2}',
        '{begins}(?:the )?sum of {number} and {number} {is} {number}{ends}' => '{1} + {2} = {3}',
        '{begins}(?:the )?product of {number} and {number} {is} {number}{ends}' => '{1} × {2} = {3}',
        '{begins}(?:the )?difference between {number} and {number} {is} {number}{ends}' => '{1} ~ {2} = {3}',
        '{begins}{you}(?:take|subtract) {number} (?:away )?from {number}{you have} {number}{ends}' => '{2} − {1} = {3}',
        '{begins}{number} from {number} {is} {number}{ends}' => '{2} − {1} = {3}',
        '{begins}{you}add {number} (?:to|and) {number}{you have} {number}{ends}' => '{2} + {1} = {3}',
        '{begins}{you}multiply {number} by {number}{you have} {number}{ends}' => '{1} × {2} = {3}',
        '{begins}{you}divide {number} by {number}{you have} {number}{ends}' => '{1} ÷ {2} = {3}',
    ];

    private const SIGNS = [
        'plus' => '+',
        'add' => '+',
        'and' => '+',
        'minus' => '−',
        'take away' => '−',
        'less' => '−',
        'times' => '×',
        'multiplied by' => '×',
        'divided by' => '÷',
    ];

    /** @var list<Phrase>|null */
    private static ?array $phrases = null;

    public static function written(string $text): string
    {
        if (! Phrase::mayStandIn($text)) {
            return $text;
        }
        foreach (self::$phrases ??= self::phrases() as $phrase) {
            $text = $phrase->writtenIn($text);
        }

        return (string) preg_replace_callback(
            '/([\d.,]+) ~ ([\d.,]+)/',
            static fn (array $match): string => self::difference($match[1], $match[2]),
            $text,
        );
    }

    /** @return list<Phrase> */
    private static function phrases(): array
    {
        $phrases = [];
        foreach (self::PHRASES as $said => $written) {
            $phrases[] = new Phrase($said, $written);
        }
        foreach (self::SIGNS as $word => $sign) {
            // A phrase all in figures is read elsewhere.
            $phrases[] = new Phrase(
                "{free}(?!\\d[\\d.,]* {$word} \\d[\\d.,]* {is} \\d){number} {$word} {number} {is} {number}{ends}",
                "{1} {$sign} {2} = {3}",
            );
        }

        return $phrases;
    }

    /** The larger number less the smaller one: a difference has no sign in class (common practice). */
    private static function difference(string $one, string $other): string
    {
        return (float) str_replace(',', '', $one) >= (float) str_replace(',', '', $other) ? "{$one} − {$other}" : "{$other} − {$one}";
    }
}
