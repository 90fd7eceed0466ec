<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** A way of saying a sum, and how it is written: “{number} from {number} {is} {number}” is written “{2} − {1} = {3}”. */
final readonly class Phrase
{
    private const EQUALS_IN_WORDS = 'is equal to|(?:is|are) the same as|(?:comes?|works? out) (?:to|as)|gives? us|which (?:is|makes|gives)';

    private const EQUALS_IN_A_WORD = 'is|are|has|makes?|equals?|gives?|leaves?';

    private const PLACES = [
        // Where a phrase begins that belongs to nothing before it, as in “minus 3 squared” or “one and a half is”.
        '{begins}' => '(?<=^|[.!?:;,(“\n]|[.!?:;,] |\bso |\bwell |\bnow |\bthen |\bthat |\bbecause |\bsince |\bknow )',
        '{free}' => '(?<![\p{L}\d.,-]|\d )',
        '{number}' => '('.NumberWords::NUMBER.')',
        '{one or number}' => '(an?|'.NumberWords::NUMBER.')',
        '{one or fraction}' => '('.NumberWords::FRACTION.'|'.NumberWords::NUMBER.')',
        '{fraction}' => '('.NumberWords::FRACTION.')',
        '{decimal}' => '(\d*\.\d+|\d+(?:\.\d+)? ?%)',
        '{table}' => '('.NumberWords::TABLE.')',
        '{unit}' => '((?:square |cubic )?\p{L}+[²³]?)',
        '{is}' => '(?:=|'.self::EQUALS_IN_WORDS.'|'.self::EQUALS_IN_A_WORD.')',
        '{you}' => '(?:if (?:you|we) )?',
        '{you have}' => '(?:,? and|,|,? then)? (?:you|we) (?:have|get|are left with|end up with|make|reach)',
        // What follows a result that is then a plain number, and not “two thirds”, “six of them” or “one more”.
        '{ends}' => '(?=$|[.,](?!\d)|[:;!?)”\n]|\s(?:so|and|because|which|but|then|altogether|exactly|in all)\b)',
    ];

    /** A sum has a number in it, in figures or in words. */
    private const A_NUMBER = '~\d|'.NumberWords::FRACTION.'|'.NumberWords::NUMBER.'~iu';

    private string $pattern;

    /** @param  string  $said a pattern with the places above; those that hold a number or a word are counted from 1 */
    public function __construct(string $said, private string $written)
    {
        $this->pattern = '~'.strtr($said, self::PLACES).'~iu';
    }

    /** Most texts of a lesson say no sum, and need not be searched for each way of saying one. */
    public static function mayStandIn(string $text): bool
    {
        return preg_match(self::A_NUMBER, $text) === 1;
    }

    /** @param  callable(string): bool|null  $accepts whether a sum, once written, is one */
    public function writtenIn(string $text, ?callable $accepts = null): string
    {
        return (string) preg_replace_callback($this->pattern, function (array $said) use ($accepts): string {
            $figures = array_map(NumberWords::inFigures(...), $said);
            $sum = strtr(
                $this->written,
                array_combine(array_map(static fn (int|string $place): string => "{{$place}}", array_keys($figures)), $figures),
            );

            return $accepts === null || $accepts($sum) ? $sum : $said[0];
        }, $text);
    }
}
