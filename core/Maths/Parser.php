<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;
use Daybright\Maths\Expression\Bracketed;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Factorial;
use Daybright\Maths\Expression\Name;
use Daybright\Maths\Expression\NamedFunction;
use Daybright\Maths\Expression\Negation;
use Daybright\Maths\Expression\Number;
use Daybright\Maths\Expression\Operation;
use Daybright\Maths\Expression\Pi;
use Daybright\Maths\Expression\Root;

/**
 * Reads a sum in school notation: “2(3 + 4)”, “1 1/2 + 3/4”, “30% of 50 kg”, “√(9 + 16)”, “½ b h”.
 *
 * Grammar, loosest first: sum, product (× ÷ / and things side by side), sign, power, single thing.
 */
final class Parser
{
    /** Brackets within brackets. */
    private const DEEPEST = 40;

    private const OPENING = ['(' => ')', '[' => ']', '{' => '}'];

    private int $next = 0;

    private int $depth = 0;

    /** @param  list<Token>  $tokens */
    public function __construct(private readonly array $tokens)
    {
    }

    /** @throws MathsError */
    public static function read(string $sum): Expression
    {
        return (new self(Tokens::ofSum($sum)))->parseWhole();
    }

    /**
     * Reads an expression in which some letters are names, even where they could be a unit or a times sign: “2 x + 3”.
     *
     * @param  list<string>  $names
     *
     * @throws MathsError
     */
    public static function readWith(string $sum, array $names): Expression
    {
        return (new self(Tokens::ofSum($sum, $names)))->parseWhole();
    }

    /** @throws MathsError when anything is left over */
    public function parseWhole(): Expression
    {
        $expression = $this->sum();
        if ($this->peek() !== null) {
            throw $this->unexpected();
        }

        return $expression;
    }

    private function sum(): Expression
    {
        $left = $this->product();
        while (($sign = $this->takeAny(['+', '-'])) !== null) {
            $left = new Operation($sign === '+' ? '+' : '-', $left, $this->product());
        }

        return $left;
    }

    private function product(): Expression
    {
        $left = $this->beside();
        while (($sign = $this->takeAny(['×', 'of', '/', '÷'])) !== null) {
            $this->refuseAmbiguous($sign);
            $right = $this->beside();
            $left = new Operation(match ($sign) {
                '×' => '×', 'of' => 'of', '÷' => '÷', default => '/'
            }, $left, $right);
        }

        return $left;
    }

    /** “6 ÷ 2(1 + 2)” is 9 to some and 1 to others: whoever means one of them writes a bracket more. */
    private function refuseAmbiguous(string $sign): void
    {
        [$first, $second] = [$this->peek(), $this->ahead(1)];
        if (
            in_array($sign, ['÷', '/'], true)
            && $first?->kind === 'number'
            && $second !== null
            && isset(self::OPENING[$second->text])
            && ! $second->spaceBefore
        ) {
            throw MathsError::ambiguousDivision($second->position);
        }
    }

    private function beside(): Expression
    {
        $left = $this->signed();
        while ($this->startsBeside()) {
            $left = new Operation('implicit', $left, $this->power());
        }

        return $left;
    }

    /** Things side by side are multiplied, but two numbers side by side are not: “3 4” is a slip. */
    private function startsBeside(): bool
    {
        $token = $this->peek();

        return $token !== null
            && (
                $token->kind === 'name'
                || ($token->kind === 'sign' && isset(self::OPENING[$token->text]))
                || $token->is('√')
                || $token->is('∛')
                || $token->is('∜')
                || $token->is('³√')
                || $token->is('⁴√')
                || $token->is('sqrt')
                || $token->is('π')
                || $token->is('pi')
            );
    }

    private function signed(): Expression
    {
        if ($this->takeAny(['-']) !== null) {
            return new Negation($this->signed());
        }
        $this->takeAny(['+']);

        return $this->power();
    }

    private function power(): Expression
    {
        $base = $this->single();
        while ($this->takeAny(['!']) !== null) {
            $base = new Factorial($base);
        }
        if ($this->takeAny(['^']) !== null) {
            return new Operation('^', $base, $this->signed());
        }
        $token = $this->peek();
        if ($token !== null && $token->kind === 'sign' && preg_match('/^[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+$/u', $token->text) === 1) {
            $this->next++;
            $exponent = Tokens::exponent($token->text);

            return new Operation('^', $base, new Number(self::rational($exponent, $token), $exponent, Unit::none()));
        }

        return $base;
    }

    private function single(): Expression
    {
        $token = $this->peek();
        if ($token === null) {
            throw $this->unexpected();
        }
        if ($token->kind === 'unit') {
            return $this->money($token);
        }
        $this->next++;

        return match (true) {
            $token->kind === 'number' => $this->number($token),
            $token->kind === 'name' && NamedFunction::isKnown($token->text) => $this->functionOf($token->text),
            $token->kind === 'name' => new Name($token->text, $token->position, $this->followsNumber()),
            $token->is('π'), $token->is('pi') => new Pi,
            $token->is('√'), $token->is('sqrt') => new Root($this->single()),
            $token->is('∛'), $token->is('³√') => new Root($this->single(), 3),
            $token->is('∜'), $token->is('⁴√') => new Root($this->single(), 4),
            $token->is('|') => $this->absolute(),
            $token->kind === 'sign' && isset(self::OPENING[$token->text]) => $this->bracketed(self::OPENING[$token->text]),
            default => throw MathsError::unexpected($token->text, $token->position),
        };
    }

    /** “sin x”, “sin(2x)” or “cos² x”: without brackets a function takes what stands directly beside it. */
    private function functionOf(string $name): Expression
    {
        $exponent = $this->peek();
        $isRaised = $exponent !== null && $exponent->kind === 'sign' && preg_match('/^[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+$/u', $exponent->text) === 1;
        // “sin⁻¹” is the angle whose sine it is.
        if ($isRaised && $exponent->text === '⁻¹' && isset(NamedFunction::INVERSE[$name])) {
            [$name, $isRaised] = [NamedFunction::INVERSE[$name], false];
            $this->next++;
        } elseif (isset(NamedFunction::INVERSE[$name]) && $this->takesInversePower()) {
            $name = NamedFunction::INVERSE[$name];
        }
        if ($isRaised) {
            $this->next++;
        }
        $first = $this->peek() ?? throw MathsError::unknownFunction($name);
        $inner = $first->kind === 'sign' && isset(self::OPENING[$first->text]) ? $this->single() : $this->argument();
        $value = new NamedFunction($name, $inner);

        return $isRaised
            ? new Operation(
                '^',
                $value,
                new Number(self::rational(Tokens::exponent($exponent->text), $exponent), Tokens::exponent($exponent->text), Unit::none()),
            )
            : $value;
    }

    /** “sin^-1” and “sin^(-1)”, as it is typed without raised figures. */
    private function takesInversePower(): bool
    {
        foreach ([['^', '-', '1'], ['^', '−', '1'], ['^', '(', '-', '1', ')'], ['^', '(', '−', '1', ')']] as $signs) {
            $texts = array_map(static fn (Token $token): string => $token->text, array_slice($this->tokens, $this->next, count($signs)));
            if ($texts === $signs) {
                $this->next += count($signs);

                return true;
            }
        }

        return false;
    }

    private function argument(): Expression
    {
        $left = $this->power();
        while ($this->startsBeside() && ! NamedFunction::isKnown((string) $this->peek()?->text)) {
            $left = new Operation('implicit', $left, $this->power());
        }

        return $left;
    }

    private function absolute(): Expression
    {
        return new NamedFunction('abs', $this->inside('|'));
    }

    private function followsNumber(): bool
    {
        return ($this->tokens[$this->next - 2] ?? null)?->kind === 'number';
    }

    private function inside(string $closing): Expression
    {
        if (++$this->depth > self::DEEPEST) {
            throw MathsError::tooDeep();
        }
        $inner = $this->sum();
        $this->depth--;
        if ($this->takeAny([$closing]) === null) {
            throw $this->unexpected();
        }

        return $inner;
    }

    private function bracketed(string $closing): Expression
    {
        $inner = $this->inside($closing);

        return new Bracketed($inner);
    }

    private function money(Token $symbol): Expression
    {
        $unit = Units::called($symbol->text);
        $after = $this->ahead(1);
        if ($unit === null || ! $unit->isMoney() || $after?->kind !== 'number') {
            throw $this->unexpected();
        }
        $this->next += 2;

        return new Number(self::rational($after->text, $after), $after->text, $unit);
    }

    private function number(Token $token): Expression
    {
        [$value, $written] = [self::rational($token->text, $token), Tokens::folded($token->text)];
        $bottom = $this->fractionBottom($token);
        if ($bottom !== null) {
            [$value, $written] = [$value->dividedBy($bottom), "{$written}/{$bottom}"];
        }
        $mixed = $bottom === null ? $this->mixed($token) : null;
        if ($mixed !== null) {
            [$value, $written] = [$value->plus($mixed[0]), $written.' '.$mixed[1]];
        }

        return $this->compound($value, $written, $this->unit());
    }

    /** A measure in two units or more, in the smallest: “1 h 30 min” is 90 minutes, “2 m 5 cm” 205 centimetres. */
    private function compound(BigRational $value, string $written, Unit $unit): Number
    {
        $token = $this->peek();
        if ($token?->kind !== 'number' || $unit->isNone() || $unit->isPercent() || $unit->isMoney()) {
            return new Number($value, $written, $unit);
        }
        $this->next++;
        [$more, $smaller] = [self::rational($token->text, $token), $this->unit()];
        $isSmaller = $smaller->measuresLike($unit) && $more->multipliedBy($smaller->factor)->isLessThan($unit->factor);
        if (! $isSmaller || str_contains($written, '.')) {
            throw MathsError::unexpected($token->text, $token->position);
        }
        $inSmaller = $value->multipliedBy($unit->factor)->dividedBy($smaller->factor);

        return $this->compound($inSmaller->plus($more)->simplified(), "{$written} {$unit->symbol()} {$token->text}", $smaller);
    }

    /**
     * The lower figure of a fraction written close: “1/2 ÷ 1/4” divides one fraction by another, and “3/4 kg” is a mass.
     * In “x^1/2”, “3/4²” and “12/3/2” the figures belong to what is around them.
     */
    private function fractionBottom(Token $top): ?BigRational
    {
        [$slash, $bottom, $after] = [$this->peek(), $this->ahead(1), $this->ahead(2)];
        $before = $this->tokens[$this->next - 2] ?? null;
        $isClose = $slash !== null && in_array($slash->text, ['/', '⁄'], true) && ! $slash->spaceBefore
            && $bottom?->kind === 'number' && ! $bottom->spaceBefore && preg_match('/^\d+$/', $top->text.$bottom->text) === 1;
        $isHeld = $before !== null && in_array($before->text, ['/', '⁄', '^'], true)
            || $after !== null && $after->kind === 'sign' && preg_match('/^[\/⁄^⁰¹²³⁴⁵⁶⁷⁸⁹⁻]/u', $after->text) === 1;
        if (! $isClose || $isHeld) {
            return null;
        }
        $this->next += 2;
        $value = self::rational($bottom->text, $bottom);

        return $value->isZero() ? throw MathsError::divisionByZero() : $value;
    }

    /**
     * The fraction of a mixed number: in “1 1/2” the “1/2”.
     *
     * @return array{BigRational, string}|null
     */
    private function mixed(Token $whole): ?array
    {
        $top = $this->peek();
        if ($top === null || $top->kind !== 'number' || str_contains($whole->text, '.')) {
            return null;
        }
        if (Numeral::isVulgar($top->text)) {
            $this->next++;

            return [Numeral::value($top->text), Numeral::folded($top->text)];
        }
        $slash = $this->ahead(1);
        $bottom = $this->ahead(2);
        if (! $top->spaceBefore || $slash === null || ! in_array($slash->text, ['/', '⁄'], true) || $bottom?->kind !== 'number') {
            return null;
        }
        $this->next += 3;
        $divisor = self::rational($bottom->text, $bottom);
        if ($divisor->isZero()) {
            throw MathsError::divisionByZero();
        }

        return [self::rational($top->text, $top)->dividedBy($divisor), $top->text.'/'.$bottom->text];
    }

    private function unit(): Unit
    {
        if ($this->takeAny(['%']) !== null) {
            return Unit::percent();
        }
        $unit = Unit::none();
        $sign = 1;
        $power = 1;
        while (($token = $this->peek()) !== null) {
            $word = mb_strtolower($token->text);
            if ($token->kind === 'unit' && $word === 'percent') {
                $this->next++;

                return Unit::percent();
            }
            if ($token->kind === 'unit' && ($word === 'square' || $word === 'cubic')) {
                $power = $word === 'square' ? 2 : 3;
            } elseif ($token->kind === 'unit' && $word === 'per') {
                $sign = -1;
            } elseif ($token->is('/') && $this->ahead(1)?->kind === 'unit' && ! $unit->isNone()) {
                $sign = -1;
            } elseif (($token->is('·') || $token->is('⋅')) && $this->ahead(1)?->kind === 'unit' && ! $unit->isNone()) {
                $power = 1;
            } elseif ($token->is('/') && ! $unit->isNone() && $this->ahead(1)?->is('(') && $this->ahead(2)?->kind === 'unit') {
                $this->next += 2;
                $unit = $unit->per($this->unit());
                if ($this->takeAny([')']) === null) {
                    throw $this->unexpected();
                }

                continue;
            } elseif ($token->kind === 'unit' && ($found = Units::called($token->text)) !== null && ! $this->opensAnAmount($token)) {
                $this->next++;
                $found = $found->power($power * $this->unitPower());
                $unit = $sign === 1 ? $unit->times($found) : $unit->per($found);
                $power = 1;

                continue;
            } else {
                break;
            }
            $this->next++;
        }

        // “square” and “cubic” stand before a unit, never alone.
        if ($power !== 1) {
            throw $this->unexpected();
        }

        return $unit;
    }

    /** In “5 €” the sign belongs to the number before it, in “5 + €3” to the one behind. */
    private function opensAnAmount(Token $token): bool
    {
        return in_array($token->text, Units::MONEY, true) && $this->ahead(1)?->kind === 'number';
    }

    private function unitPower(): int
    {
        $token = $this->peek();
        if ($token !== null && $token->kind === 'sign' && preg_match('/^[⁰¹²³⁴⁵⁶⁷⁸⁹⁻]+$/u', $token->text) === 1) {
            $this->next++;

            return (int) Tokens::exponent($token->text);
        }
        if ($token !== null && $token->kind === 'unit' && in_array($token->text, ['squared', 'cubed'], true)) {
            $this->next++;

            return $token->text === 'squared' ? 2 : 3;
        }
        $ahead = implode(
            '',
            array_map(static fn (Token $each): string => Tokens::folded($each->text), array_slice($this->tokens, $this->next, 5)),
        );
        if (
            preg_match('/^\^(?:\((-?[1-9])\)|(-?[1-9])(?!\d))/', $ahead, $match) === 1
            || preg_match('/^(-[1-9])(?![\d.])/', $ahead, $match) === 1 && $this->isCloseAhead()
        ) {
            $written = end($match);
            $this->next += strlen($match[0]);

            return (int) $written;
        }
        // “cm3” typed without a raised figure.
        if ($token !== null && $token->kind === 'number' && ! $token->spaceBefore && ($token->text === '2' || $token->text === '3')) {
            $this->next++;

            return (int) $token->text;
        }

        return 1;
    }

    /** “s-1” written close is a power; “5 m - 2” is not. */
    private function isCloseAhead(): bool
    {
        [$minus, $digit] = [$this->tokens[$this->next], $this->ahead(1)];

        return ! $minus->spaceBefore && $digit !== null && ! $digit->spaceBefore;
    }

    private static function rational(string $written, Token $token): BigRational
    {
        try {
            return preg_match('/^-?\d+$/', $written) === 1 && strlen($written) < 20 ? BigRational::of($written) : Numeral::value($written);
        } catch (\Brick\Math\Exception\MathException) {
            throw MathsError::unexpected($token->text, $token->position);
        }
    }

    /** The token that stands so many after the next one. */
    private function ahead(int $many): ?Token
    {
        return $this->tokens[$this->next + $many] ?? null;
    }

    private function peek(): ?Token
    {
        return $this->tokens[$this->next] ?? null;
    }

    /** @param  list<string>  $signs in folded form; “÷” keeps its own name so that it is set as typed */
    private function takeAny(array $signs): ?string
    {
        $token = $this->peek();
        if ($token === null || $token->kind !== 'sign') {
            return null;
        }
        $folded = $token->text === '÷' ? '÷' : Tokens::folded($token->text);
        if (! in_array($folded, $signs, true) && ! ($token->text === 'x' && in_array('×', $signs, true))) {
            return null;
        }
        $this->next++;

        return $token->text === 'x' ? '×' : $folded;
    }

    private function unexpected(): MathsError
    {
        $token = $this->peek();
        $last = $this->tokens[count($this->tokens) - 1] ?? null;

        return $token === null
            ? MathsError::unexpected('', $last?->end() ?? 0)
            : MathsError::unexpected($token->text, $token->position);
    }
}
