<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/**
 * Finds the equalities in a text and says which do not hold.
 *
 * What it cannot read it leaves alone: a wrong alarm costs the teacher's trust.
 */
final class EqualityChecker
{
    /** What a measurement with this name must be. */
    private const KINDS = [
        'volume' => 'a volume', 'capacity' => 'a volume', 'area' => 'an area', 'perimeter' => 'a length',
        'length' => 'a length', 'width' => 'a length', 'height' => 'a length', 'depth' => 'a length', 'radius' => 'a length', 'diameter' => 'a length', 'distance' => 'a length',
        'mass' => 'a mass', 'angle' => 'an angle', 'speed' => 'a speed', 'time' => 'a time',
    ];

    /**
     * @return list<Equality> in the order in which they stand
     */
    public static function check(string $text): array
    {
        $found = [];
        foreach (self::runs(self::spelled($text)) as $run) {
            array_push($found, ...self::checkRun($run));
        }

        return $found;
    }

    /** “12 divided by 4 is 3” becomes “12 ÷ 4 = 3”: the words that scripts use for signs. */
    private static function spelled(string $text): string
    {
        $text = str_replace(['**', '`'], ' ', $text);
        $after = '(?<=[\d%)²³]|\p{L})';

        return (string) preg_replace(
            ['/ times (?=\d)/u', '/ multiplied by (?=\d)/u', '/ divided by (?=\d)/u', '/ plus (?=\d)/u', '/ (?:minus|take away) (?=\d)/u', '/'.$after.' (?:equals|makes|is equal to) (?=[\d£$€(−-])/u', '~((?:[-+×÷*/]|of) ?[\d.,]+(?: ?(?:[cmk]?m[²³]?|[mk]?g|litres|%))?|\d/\d+|\d%) is (?=[\d£$€−-])~u'],
            [' × ', ' × ', ' ÷ ', ' + ', ' − ', ' = ', '$1 = '],
            $text,
        );
    }

    /**
     * Stretches of text that hold only numbers, signs, units, names and at least one “=” or “≈”.
     *
     * @return list<string>
     */
    private static function runs(string $text): array
    {
        $runs = [];
        foreach (preg_split('/[\n;:?!]|\.(?=\s|$)|,(?!\d{3}(?!\d))/u', $text) ?: [] as $clause) {
            if (preg_match('/[=≈]/u', $clause) === 1) {
                $runs[] = trim($clause);
            }
        }

        return $runs;
    }

    /** @return list<Equality> */
    private static function checkRun(string $run): array
    {
        $parts = preg_split('/([=≈])/u', $run, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $found = [];
        for ($index = 1; $index < count($parts) - 1; $index += 2) {
            $left = self::readEnd($parts[$index - 1], $index > 1);
            $right = self::readStart($parts[$index + 1], $index + 2 < count($parts));
            if ($left === null || $right === null) {
                continue;
            }
            $found[] = self::compare($left, $right, $parts[$index], self::nameIn($parts[0]));
        }
        $missing = self::missingUnit($parts, $found);
        if ($missing !== null) {
            return [...array_slice($found, 0, -1), $missing];
        }
        $kind = $found === [] ? self::checkKind($parts) : null;

        return $kind === null ? $found : [$kind];
    }

    /**
     * The longest sum at the end of a text: “so 14 × 30” gives “14 × 30”.
     *
     * @return array{string, Quantity}|null
     */
    private static function readEnd(string $text, bool $whole): ?array
    {
        $text = trim($text);
        $offsets = $whole ? [0] : self::wordStarts($text);
        foreach ($offsets as $offset) {
            $candidate = mb_substr($text, $offset);
            // A sum cut out of a longer one (“x + 3”, “page 4 − 2”) would be judged wrongly.
            if ($offset > 0 && preg_match('~(?:[-+−–×*·÷/^(√=<>]|\bx|\bof)\s*$~u', mb_substr($text, 0, $offset)) === 1) {
                return null;
            }
            if ($offset > 0 && preg_match('~^[-+−–×*·÷/^)=<>]\s~u', $candidate) === 1) {
                return null;
            }
            $value = self::value($candidate);
            if ($value !== null) {
                return [$candidate, $value];
            }
        }

        return null;
    }

    /**
     * The longest sum at the start of a text: “450 apples” gives “450”.
     *
     * @return array{string, Quantity}|null
     */
    private static function readStart(string $text, bool $whole): ?array
    {
        $text = trim($text);
        $ends = $whole ? [mb_strlen($text)] : self::wordEnds($text);
        foreach ($ends as $end) {
            $candidate = rtrim(mb_substr($text, 0, $end), ' .)');
            if (substr_count($candidate, '(') > substr_count($candidate, ')')) {
                $candidate .= ')';
            }
            $rest = mb_substr($text, $end);
            $value = self::value($candidate);
            if ($value === null) {
                continue;
            }

            // “= 3 x” or “= 2 r 1” goes on in a way that was not read.
            return preg_match('~^\s*(?:[-+−–×*·÷/^(²³]|[a-z](?:\s|\d|$)|r\s*\d|remainder)~u', $rest) === 1 ? null : [$candidate, $value];
        }

        return null;
    }

    /** @return list<int> */
    private static function wordStarts(string $text): array
    {
        $starts = [0];
        foreach (mb_str_split($text) as $index => $character) {
            if ($character === ' ') {
                $starts[] = $index + 1;
            }
        }

        return $starts;
    }

    /** @return list<int> longest first */
    private static function wordEnds(string $text): array
    {
        $ends = [mb_strlen($text)];
        foreach (mb_str_split($text) as $index => $character) {
            if ($character === ' ') {
                $ends[] = $index;
            }
        }
        rsort($ends);

        return $ends;
    }

    private static function value(string $sum): ?Quantity
    {
        if (preg_match('/\d/', $sum) !== 1) {
            return null;
        }
        try {
            return Parser::read($sum)->evaluate([]);
        } catch (MathsError) {
            return null;
        }
    }

    private static function nameIn(string $text): ?string
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $words);
        foreach (array_reverse($words[0]) as $word) {
            if (isset(self::KINDS[$word])) {
                return $word;
            }
        }

        return null;
    }

    /**
     * @param  array{string, Quantity}  $left
     * @param  array{string, Quantity}  $right
     */
    private static function compare(array $left, array $right, string $sign, ?string $name): Equality
    {
        $written = trim($left[0]).' '.$sign.' '.trim($right[0]);
        [$expected, $given] = [$left[1], $right[1]];
        if ($expected->unit->measuresLike($given->unit)) {
            $kind = $name === null || $given->unit->dimensions === [] ? null : self::wrongKind($written, $given, $name);
            if ($kind !== null) {
                return $kind;
            }

            return self::sameKind($written, $expected, $given, $sign, $right[0]);
        }
        $correction = self::inUnitOf($expected, $given)->written();
        if ($given->unit->isNone() && ! $given->unit->isPercent()) {
            return new Equality($written, 'unit missing', $correction, "“{$written}” has lost its unit: it would be {$correction}.");
        }
        if ($expected->unit->dimensions === [] && preg_match('/[£$€°]|\p{L}/u', $left[0]) !== 1) {
            // “3 × 4 = 12 cm”: plain working with the unit put on at the end is common practice.
            return self::sameKind($written, new Quantity($expected->value, $given->unit, $expected->exact), $given, $sign, $right[0]);
        }

        return new Equality($written, 'unit of the wrong kind', $correction, "“{$written}” gives {$given->unit->kindInWords()}, but the left side is {$expected->unit->kindInWords()}: it would be {$correction}.");
    }

    private static function sameKind(string $written, Quantity $expected, Quantity $given, string $sign, string $givenText): Equality
    {
        if ($expected->equals($given) || self::rounds($expected, $given, $sign, $givenText)) {
            return new Equality($written, 'true', null, "“{$written}” is right.");
        }
        $correction = self::inUnitOf($expected, $given)->written();

        return new Equality($written, 'false', $correction, "“{$written}” is not right: the right side would be {$correction}.");
    }

    /** A rounded value passes after “≈”, and after “=” where no exact decimal exists. */
    private static function rounds(Quantity $expected, Quantity $given, string $sign, string $givenText): bool
    {
        $ends = $expected->exact && self::terminates($expected->in($given->unit)->value);
        if ($sign === '=' && $ends) {
            return false;
        }
        $places = preg_match('/\.(\d+)/', $givenText, $match) === 1 ? strlen($match[1]) : 0;
        if ($sign === '=' && $places < 2 && $expected->exact) {
            return false;
        }
        $scaled = $expected->in($given->unit)->value;
        if ($scaled->toScale($places, RoundingMode::HALF_UP)->isEqualTo($given->value->toScale($places, RoundingMode::HALF_UP))) {
            return true;
        }
        // After “≈” an estimate to one figure will do: “19 × 5 ≈ 100”.
        $difference = $scaled->minus($given->value)->abs();

        return $sign === '≈' && $difference->isLessThanOrEqualTo($scaled->abs()->multipliedBy('1/10'));
    }

    private static function terminates(BigRational $value): bool
    {
        try {
            $value->simplified()->toBigDecimal();

            return true;
        } catch (MathException) {
            return false;
        }
    }

    private static function inUnitOf(Quantity $expected, Quantity $given): Quantity
    {
        return $expected->unit->measuresLike($given->unit) ? $expected->in($given->unit) : $expected;
    }

    /**
     * “area = 4 × 5 = 20”: right as a sum, but an area has a unit.
     *
     * @param  list<string>  $parts
     * @param  list<Equality>  $found
     */
    private static function missingUnit(array $parts, array $found): ?Equality
    {
        $last = end($found);
        $name = trim(mb_strtolower($parts[0]));
        if ($last === false || ! $last->holds() || ! isset(self::KINDS[$name]) || count($parts) < 5) {
            return null;
        }
        $result = self::readStart($parts[count($parts) - 1], true);
        if ($result === null || ! $result[1]->unit->isNone()) {
            return null;
        }
        $written = trim(implode('', $parts));

        return new Equality($written, 'unit missing', null, "“{$written}” has no unit: {$name} is ".self::KINDS[$name].'.');
    }

    /**
     * “Volume = 60 cm”: nothing to work out, but a volume is not measured in cm.
     *
     * @param  list<string>  $parts
     */
    private static function checkKind(array $parts): ?Equality
    {
        $name = self::nameIn($parts[0]);
        if (count($parts) !== 3 || $name === null || preg_match('/^(?:the |its )?\p{L}*\s?'.$name.'$/ui', trim($parts[0])) !== 1) {
            return null;
        }
        $right = self::readStart($parts[2], true);

        return $right === null || $right[1]->unit->isNone() ? null : self::wrongKind(trim(implode('', $parts)), $right[1], $name);
    }

    private static function wrongKind(string $written, Quantity $given, string $name): ?Equality
    {
        $should = self::KINDS[$name];
        if ($given->unit->kindInWords() === $should) {
            return null;
        }

        return new Equality($written, 'unit of the wrong kind', null, "“{$written}”: {$name} is {$should}, and {$given->unit->symbol()} measures {$given->unit->kindInWords()}.");
    }
}
