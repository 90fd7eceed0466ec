<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** Cuts a sum, as teachers type it, into tokens. */
final class Tokens
{
    /** Spellings that are folded into one sign. */
    private const SIGNS = ['*' => '×', '·' => '×', '⋅' => '×', '÷' => '/', '∕' => '/', '⁄' => '/', '−' => '-', '–' => '-'];

    /** Letters of a sum. */
    private const LONGEST = 1200;

    /**
     * @param  list<string>  $names letters that are names wherever they stand, whatever else they could be
     * @return list<Token>
     *
     * @throws MathsError at the first character that has no place in a sum
     */
    public static function ofSum(string $sum, array $names = []): array
    {
        return self::cut($sum, $names, static fn (string $word): ?Unit => Units::find($word));
    }

    /**
     * Of a text that is a measure and nothing else, where “3 A” is a current and “12 in” a length.
     *
     * @return list<Token>
     *
     * @throws MathsError
     */
    public static function ofMeasure(string $measure): array
    {
        // “20 ms⁻¹” is a speed: nobody writes milliseconds so.
        $apart = (string) preg_replace('/(?<![\p{L}])ms(?=\s*(?:⁻|\^\s*\(?[-−]|-\d))/u', 'm s', $measure);

        return self::cut($apart, [], static fn (string $word): ?Unit => Units::called($word));
    }

    /**
     * Of a formula that is to be set: “12 V” with a space is twelve volts there, “2V” twice V.
     *
     * @return list<Token>
     *
     * @throws MathsError
     */
    public static function ofFormula(string $formula): array
    {
        return self::cut(
            $formula,
            [],
            static fn (string $word, bool $space): ?Unit => Units::find($word)
                ?? ($space && preg_match('/^[AVCK]$/', $word) === 1 ? Units::called($word) : null),
        );
    }

    /**
     * @param  list<string>  $names
     * @param  callable(string, bool): ?Unit  $unit the unit that a word stands for, which is given whether a space is before it
     * @return list<Token>
     *
     * @throws MathsError
     */
    private static function cut(string $sum, array $names, callable $unit): array
    {
        if (mb_strlen($sum) > self::LONGEST) {
            throw MathsError::tooLarge();
        }
        $tokens = [];
        $position = 0;
        $space = false;
        while (($rest = mb_substr($sum, $position)) !== '') {
            if (preg_match('/^[\s\x{00A0}\x{202F}]+/u', $rest, $match) === 1) {
                $position += mb_strlen($match[0]);
                $space = true;

                continue;
            }
            [$kind, $text] = self::next($rest, $tokens, $space, $names, $unit);
            if ($kind === null) {
                throw MathsError::unexpected($text, $position);
            }
            $tokens[] = new Token($kind, $text, $position, $space);
            $position += mb_strlen($text);
            $space = false;
        }

        return $tokens;
    }

    public static function folded(string $text): string
    {
        return self::SIGNS[$text] ?? Numeral::folded($text);
    }

    public static function exponent(string $superscript): string
    {
        return Superscript::read($superscript);
    }

    /**
     * @param  list<Token>  $before
     * @param  list<string>  $names
     * @param  callable(string, bool): ?Unit  $unit
     * @return array{'number'|'unit'|'name'|'sign'|'relation'|null, string}
     */
    private static function next(string $rest, array $before, bool $space, array $names, callable $unit): array
    {
        if (preg_match(Numeral::PATTERN, $rest, $match) === 1) {
            return ['number', $match[0]];
        }
        if (preg_match('/^[³⁴]√/u', $rest, $match) === 1) {
            return ['sign', $match[0]];
        }
        if (preg_match('/^[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+/u', $rest, $match) === 1) {
            return ['sign', $match[0]];
        }
        if (preg_match('/^(≈|≠|≤|≥|<|>|=)/u', $rest, $match) === 1) {
            return ['relation', $match[0]];
        }
        if (preg_match('/^°\s?[CF](?!\p{L})/u', $rest, $match) === 1 || preg_match('/^[°℃℉£$€₹¥¢]/u', $rest, $match) === 1) {
            return ['unit', $match[0]];
        }
        if (preg_match('~^[-+−–×*·⋅/÷∕⁄^()\[\]{}|!√∛∜π%]~u', $rest, $match) === 1) {
            return ['sign', $match[0]];
        }
        $subscript = preg_match('/^\p{L}(?:_\{?[A-Za-z0-9]+\}?|[₀-₉]+)/u', $rest, $match) === 1 ? $match[0] : '';
        $many = array_values(array_filter($names, static fn (string $name): bool => mb_strlen($name) > 1 && str_starts_with($rest, $name)));
        if ($subscript !== '' || $many !== []) {
            return ['name', $subscript !== '' ? $subscript : $many[0]];
        }
        $letter = mb_substr($rest, 0, 1);
        // A run of letters is a known word (“sin”, “pi”) or, where names are given, letters side by side: “xy”.
        if (in_array($letter, $names, true) && preg_match('/^(?!a?(?:sin|cos|tan)|sqrt|abs|ln|log|exp|pi)\p{L}/u', $rest) === 1) {
            return ['name', $letter];
        }
        if (preg_match('/^(a?(?:sin|cos|tan)|sqrt|abs|ln|log|exp|pi)/', $rest, $match) === 1 && $names !== []) {
            return in_array($match[1], ['sqrt', 'pi'], true) ? ['sign', $match[1]] : ['name', $match[1]];
        }
        if (preg_match('/^\p{L}(?:_\{?[A-Za-z0-9]+\}?|[₀-₉]+)/u', $rest, $match) === 1) {
            return ['name', $match[0]];
        }
        if (preg_match('/^\p{L}+/u', $rest, $match) === 1) {
            return self::word($match[0], $before, $space, $unit);
        }

        return [null, mb_substr($rest, 0, 1)];
    }

    /**
     * A letter is a unit after a number or another unit, and a name elsewhere: “3 m” is three metres, “F = m a” a formula.
     *
     * @param  list<Token>  $before
     * @param  callable(string, bool): ?Unit  $unit
     * @return array{'unit'|'name'|'sign', string}
     */
    private static function word(string $word, array $before, bool $space, callable $unit): array
    {
        if ($word === 'of' || ($word === 'x' && $space && self::endsValue($before))) {
            return ['sign', $word];
        }
        if ($word === 'sqrt' || $word === 'pi') {
            return ['sign', $word];
        }
        $isUnit = $unit($word, $space) !== null
            || in_array(mb_strtolower($word), ['square', 'cubic', 'per', 'squared', 'cubed', 'percent'], true);
        if ($isUnit && self::unitMayFollow($before)) {
            return ['unit', $word];
        }

        return ['name', $word];
    }

    /** @param  list<Token>  $before */
    private static function endsValue(array $before): bool
    {
        $last = end($before);

        return $last !== false
            && ($last->kind === 'number' || $last->kind === 'unit' || $last->is(')') || $last->is('%') || self::isSuperscript($last));
    }

    /** @param  list<Token>  $before */
    private static function endsUnit(array $before): bool
    {
        $last = array_pop($before);
        $unit = $last !== null && self::isSuperscript($last) ? array_pop($before) : $last;
        // “s^2” and “s^-2” end a unit as “s²” does.
        if ($unit?->kind === 'number' && preg_match('/^\d$/', $unit->text) === 1) {
            $sign = array_pop($before);
            $sign = $sign !== null && in_array($sign->text, ['-', '−', '('], true) ? array_pop($before) : $sign;

            return $sign !== null && $sign->is('^') && end($before) !== false && end($before)->kind === 'unit';
        }

        return $unit?->kind === 'unit';
    }

    private static function isSuperscript(Token $token): bool
    {
        return Superscript::begins($token->text);
    }

    /** @param  list<Token>  $before */
    private static function unitMayFollow(array $before): bool
    {
        $last = end($before);
        if ($last === false) {
            return false;
        }
        if ($last->kind === 'number' || $last->kind === 'unit') {
            return true;
        }
        $previous = $before[count($before) - 2] ?? null;
        // “J/(mol K)”: what is in brackets below a unit is units too.
        if ($last->is('(') && $previous?->is('/')) {
            return self::endsUnit(array_slice($before, 0, -2));
        }
        if ($last->is('/') || $last->is('·') || $last->is('⋅')) {
            return self::endsUnit(array_slice($before, 0, -1));
        }

        return $previous?->kind === 'unit' && self::isSuperscript($last);
    }
}
