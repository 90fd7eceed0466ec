<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Daybright\Maths\Expression\Bracketed;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Factorial;
use Daybright\Maths\Expression\Name;
use Daybright\Maths\Expression\NamedFunction;
use Daybright\Maths\Expression\Negation;
use Daybright\Maths\Expression\Number;
use Daybright\Maths\Expression\Operation;
use Daybright\Maths\Expression\Pi;
use Daybright\Maths\Expression\QuadraticRoot;
use Daybright\Maths\Expression\Root;

/** Writes an expression as a teacher would type it, with values put in for names. */
final class Typed
{
    /**
     * @param  array<string, string>  $values name => what is written in its place
     */
    public static function write(Expression $expression, array $values = []): string
    {
        return match (true) {
            $expression instanceof Name => self::value($values[$expression->name] ?? $expression->name),
            $expression instanceof Number => $expression->typed(),
            $expression instanceof Pi => 'π',
            $expression instanceof Bracketed => '('.self::write($expression->inner, $values).')',
            $expression instanceof Negation => '−'.self::held($expression->inner, 2, $values),
            $expression instanceof QuadraticRoot => $expression->name,
            $expression instanceof Factorial => self::held($expression->inner, 5, $values).'!',
            $expression instanceof Root => ([3 => '∛', 4 => '∜'][$expression->degree] ?? '√')
                .'('
                .self::write(Bracketed::opened($expression->inner), $values)
                .')',
            $expression instanceof NamedFunction => ([
                'asin' => 'sin⁻¹',
                'acos' => 'cos⁻¹',
                'atan' => 'tan⁻¹',
            ][$expression->name] ?? $expression->name).'('.self::write(Bracketed::opened($expression->inner), $values).')',
            $expression instanceof Operation => self::operation($expression, $values),
            default => '',
        };
    }

    /** A negative value that is put in has brackets of its own. */
    private static function value(string $written): string
    {
        return preg_match('/^[-−]/u', $written) === 1 ? "({$written})" : $written;
    }

    /** @param  array<string, string>  $values */
    private static function operation(Operation $operation, array $values): string
    {
        $left = self::held($operation->left, $operation->strength(), $values);
        if ($operation->sign === '^') {
            $exponent = self::write($operation->right, $values);
            $base = self::isSimple($left) ? $left : "({$left})";

            return $base.(['2' => '²', '3' => '³'][$exponent] ?? "^{$exponent}");
        }
        $right = self::held(
            $operation->right,
            $operation->strength() + (in_array($operation->sign, ['-', '/', '÷'], true) ? 1 : 0),
            $values,
        );
        // With numbers in their places things side by side need their sign.
        $isFilled = preg_match('/^[−-]?[\d£$€√(]/u', $right) === 1;

        return match ($operation->sign) {
            '+' => "{$left} + {$right}",
            '-' => "{$left} − {$right}",
            'implicit' => $isFilled || ($values !== [] && preg_match('/\d\s?\p{L}+[²³]?$/u', $left) === 1)
                ? "{$left} × {$right}"
                : "{$left} {$right}",
            '×' => "{$left} × {$right}",
            'of' => "{$left} of {$right}",
            '÷' => "{$left} ÷ {$right}",
            default => (self::isSimple($left) ? $left : "({$left})").'/'.(self::isSimple($right) ? $right : "({$right})"),
        };
    }

    /** @param  array<string, string>  $values */
    private static function held(Expression $part, int $strength, array $values): string
    {
        $written = self::write($part, $values);
        $isNegative = str_starts_with($written, '−') && $strength > 1;

        return $part->strength() < $strength || $isNegative ? "({$written})" : $written;
    }

    /** A single name, a plain number or something in brackets. */
    private static function isSimple(string $written): bool
    {
        return preg_match('/^(?:\p{L}(?:_\w+|[₀-₉]+)?|Δ\p{L}|π|\d+(?:\.\d+)?|(\((?:[^()]|(?1))*\)))$/u', $written) === 1;
    }
}
