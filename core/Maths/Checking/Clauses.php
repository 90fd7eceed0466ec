<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** Cuts a text into clauses that may state an equality, with the words that scripts use for signs turned into signs. */
final class Clauses
{
    /** Number, bracket, raised figure or word that a spoken “equals” may follow. */
    private const AFTER = '(?<=[\d%)²³]|\p{L})';

    private const EQUALS = 'equals|makes|is equal to|gives(?: us)?|comes to|works out as|which is|is the same as';

    /** A colon that ends a heading; one inside “2 : 3”, “2:3” or “9:05” does not. */
    private const COLON = '(?<!\d):|(?<=\d):(?= \p{L})|(?<=\d):(?= \d)(?<! :)';

    /** The end of a sum, such as “+ 4 kg”, behind which “is” means “equals”. */
    private const RESULT_OF_A_SUM = '(?:[-+×÷*/]|of) ?[£$€]?[\d.,]+(?: ?(?:'.self::UNIT.'|%))?';

    private const UNIT = '[cmk]?m[²³]?|[mk]?g|litres';

    /** @return list<string> each with at least one “=” or “≈” */
    public static function split(string $text): array
    {
        $clauses = preg_split('/[\n;?]|!(?!\s*[-=+×÷−*\/)])|'.self::COLON.'|\.(?=\s|$)|,(?!\d)/u', self::spelled($text)) ?: [];

        return array_values(array_filter(
            array_map(trim(...), $clauses),
            static fn (string $clause): bool => preg_match('/[=≈]/u', $clause) === 1,
        ));
    }

    /** “12 divided by 4 is 3” becomes “12 ÷ 4 = 3”. */
    private static function spelled(string $text): string
    {
        return (string) preg_replace(
            [
                '/\*\*|`/',
                '/ times (?=\d)/u',
                '/(?<=\d) : (?=\d+(?:[.,]\d+)? ?[=≈])(?![^=]*= ?\d+ :)/u',
                '/ multiplied by (?=\d)/u',
                '/ divided by (?=\d)/u',
                '/ plus (?=\d)/u',
                '/ (?:minus|take away) (?=\d)/u',
                '/'.self::AFTER.' (?:'.self::EQUALS.') (?=[\d£$€(−-])/u',
                '~('.self::RESULT_OF_A_SUM.'|\d/\d+|\d%) is (?=[\d£$€−-])~u',
            ],
            [' ', ' × ', ' ÷ ', ' × ', ' ÷ ', ' + ', ' − ', ' = ', '$1 = '],
            $text,
        );
    }
}
