<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Table;
use Daybright\Maths\LinearEquation;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The first equation solved for one unknown, put into the second, and followed to the end. */
final readonly class Substitution
{
    private const ROW = 46.0;

    public function __construct(private TwoUnknowns $figure)
    {
    }

    public static function height(TwoUnknowns $figure): float
    {
        return self::ROW * (count((new self($figure))->lines()) + 3) + 8;
    }

    /** @return non-empty-list<array{string, string}> the line, and its reason */
    public function lines(): array
    {
        [$first, $second] = [$this->figure->first, $this->figure->second];
        [$x, $y] = LinearCheck::letters($this->figure);
        [$names, $solution] = [[$x, $y], [$this->figure->x, $this->figure->y]];
        // Without y in the first equation it is solved for x and put in for x.
        if ($first->b->isZero()) {
            [$first, $second, $names, $solution] = [
                LinearEquation::withCoefficients($first->b, $first->a, $first->c),
                LinearEquation::withCoefficients($second->b, $second->a, $second->c),
                [$y, $x],
                [$this->figure->y, $this->figure->x],
            ];
        }
        [$x, $y] = $names;
        // The equation that gives y without a fraction is solved.
        $isSecond = ! $first->b->abs()->isEqualTo(1) && $second->b->abs()->isEqualTo(1);
        if ($isSecond) {
            [$first, $second] = [$second, $first];
        }
        [$solved, $other] = $isSecond ? ['second', 'first'] : ['first', 'second'];
        $slope = $first->a->dividedBy($first->b)->negated();
        $start = $first->c->dividedBy($first->b);
        $inFractions = array_filter(
            [$first->a, $first->b, $first->c, $second->a, $second->b, $second->c, $slope, $start, ...$solution],
            static fn (BigRational $value): bool => str_contains(LinearEquation::number($value), '/'),
        ) !== [];
        $number = static fn (BigRational $value): string => LinearEquation::number($value, $inFractions);
        $replaced = $slope->isZero() ? $number($start) : LinearEquation::sum([[$start, ''], [$slope, $x]], $inFractions);
        $factor = $second->b;
        $bracket = $factor->isEqualTo(1) && ! $slope->isZero() ? "({$replaced})" : self::coefficient($number($factor))."({$replaced})";
        $joined = $second->a->plus($factor->multipliedBy($slope))->simplified();
        $constant = $factor->multipliedBy($start)->simplified();
        $lines = [["{$y} = {$replaced}", "We solve the {$solved} equation for {$y}."]];
        if (! $factor->isZero()) {
            $left = $second->a->isZero()
                ? $bracket
                : LinearEquation::sum([[$second->a, $x]], $inFractions)
                    .($factor->isNegative() ? ' − ' : ' + ')
                    .(string) preg_replace('/^−/u', '', $bracket);
            $lines[] = ["{$left} = ".$number($second->c), "We put that in for {$y} in the {$other} equation."];
            if (! $constant->isZero()) {
                $lines[] = [
                    LinearEquation::sum([[$joined, $x], [$constant, '']], $inFractions).' = '.$number($second->c),
                    'We work out the bracket and collect.',
                ];
            }
        }
        $right = $second->c->minus($constant)->simplified();
        $lines[] = [
            LinearEquation::sum([[$joined, $x]], $inFractions).' = '.$number($right),
            $constant->isZero() ? 'We collect.' : 'We take '.$number($constant).' from both sides.',
        ];
        if (! $joined->isEqualTo(1)) {
            $lines[] = ["{$x} = ".$number($solution[0]), 'We divide both sides by '.$number($joined).'.'];
        }

        return [...$lines, ["{$y} = ".$number($solution[1]), "We put {$x} back into the first line."]];
    }

    /** @return array<string, list<Shape>> */
    public function pieces(Box $box, RenderContext $context): array
    {
        $lines = $this->lines();
        [$x, $y] = LinearCheck::letters($this->figure);
        $high = min(76.0, $box->height / (count($lines) + 3));
        $top = $box->middleY() - $high * (count($lines) + 3) / 2;
        $isWide = $box->width > 800;
        $room = $isWide ? $box->width * 0.5 : $box->width - 20;
        $write = static function (int $row, string $text, string $colour, bool $bold) use ($top, $high, $box, $room, $context): Shape {
            [$cut, $style] = Table::cut($text, $room, new TextStyle($high * 0.7, $colour, $bold), $context->type);

            return $context->type->label($cut, $box->x + 20, $top + ($row + 0.72) * $high, $style);
        };
        $pieces = ['given' => [
            $write(0, $this->figure->first->written($x, $y), Paint::INK, true),
            $write(1, $this->figure->second->written($x, $y), Paint::INK, true),
        ]];
        foreach ($lines as $number => [$line, $reason]) {
            $row = $number + 2;
            $shapes = [
                Shape::polyline(
                    [[$box->x + 4, $top + $row * $high + 6], [$box->x + 4, $top + ($row + 1) * $high - 6]],
                    Paint::outlined($context->strong, 4),
                ),
                $write($row, $line, Paint::INK, false),
            ];
            if ($isWide) {
                [$cut, $style] = Table::cut(
                    $reason,
                    $box->width * 0.46,
                    new TextStyle(max(28.0, $high * 0.5), Paint::QUIET),
                    $context->type,
                );
                $shapes[] = $context->type->label($cut, $box->x + $box->width * 0.54, $top + ($row + 0.7) * $high, $style);
            }
            $pieces['line-'.($number + 1)] = $shapes;
        }
        $answer = ucfirst($this->figure->firstName)
            .': '
            .self::number($this->figure->x)
            .', '
            .$this->figure->secondName
            .': '
            .self::number($this->figure->y);
        $pieces['answer'] = [$write(count($lines) + 2, $answer, $context->strong, true)];

        return $pieces;
    }

    private static function coefficient(string $number): string
    {
        return match (true) {
            $number === '−1' || $number === '-1' => '−',
            str_contains($number, '/') => "({$number})",
            default => $number,
        };
    }

    private static function number(BigRational $value): string
    {
        return LinearEquation::number($value);
    }
}
