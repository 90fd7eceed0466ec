<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Rearrangement;
use Daybright\Maths\SignificantFigures;
use Daybright\Maths\Units;
use Daybright\Worked\Methods\Substitution;
use Daybright\Worked\Sheet\SheetFormula;
use Daybright\Worked\Sheet\StartingSheets;

/** Practice with a formula: values that come out well, and the answers that its common slips give. */
final readonly class FormulaPractice
{
    private const TRIES = 150;

    /** The greatest number drawn, by level. */
    private const MOST = [1 => 10, 2 => 20, 3 => 30];

    /** Units in which a value may be given instead, so that it has to be changed first. */
    private const GIVEN_IN = [
        'mm' => 'cm',
        'cm' => 'mm',
        'm' => 'cm',
        'km' => 'm',
        's' => 'min',
        'min' => 's',
        'h' => 'min',
        'g' => 'kg',
        'kg' => 'g',
        'N' => 'kN',
        'J' => 'kJ',
        'W' => 'kW',
        'A' => 'mA',
        'Ω' => 'kΩ',
        'L' => 'ml',
    ];

    /** @param  array<string, Quantity>  $kept values that are the same in every item, such as the acceleration of falling */
    public function __construct(private SheetFormula $formula, private array $kept)
    {
    }

    /**
     * Level 1 and 2 give every value in the unit of the formula, level 3 one of them in another.
     *
     * @param  string  $result the quantity that is worked out from the others while numbers are sought
     *
     * @throws MathsError
     */
    public function item(Chance $chance, int $level, string $asked, string $result): Variation
    {
        [$known, $given, $ends] = $this->chosen($chance, $level, $asked, $result);
        $unit = $given === $known ? '' : $this->formula->quantities[$asked][1]->symbol();
        $quantities = [
            'formula' => $this->formula->written,
            'known' => implode(
                "\n",
                array_map(static fn (string $name, Quantity $value): string => "{$name} = {$value->typed()}", array_keys($given), $given),
            ),
            'asked' => $asked, 'figures' => $ends
                ? 8
                : Variation::FIGURES, 'unit' => $unit, 'task' => '', 'names' => $this->formula->named(),
        ];
        $example = Substitution::from(new Fields($quantities))->example();
        if (! $example->answer instanceof Quantity) {
            throw MathsError::unknownName($asked);
        }
        $solved = Rearrangement::solve($this->formula->left, $this->formula->right, $asked);
        $slips = $this->slips($solved, $known, $given, $example->answer);

        return $ends
            ? Variation::ask($quantities, $example->task, $example->answer, $slips)
            : Variation::rounded($quantities, $example->task, $example->answer, $slips);
    }

    /**
     * Level 3 looks for values of which one is short in another unit too.
     *
     * @return array{array<string, Quantity>, array<string, Quantity>, bool} what is known in the units of the formula, as it is given, and whether the answer ends
     */
    private function chosen(Chance $chance, int $level, string $asked, string $result): array
    {
        for ($try = 0; ; $try++) {
            $well = $this->wellChosen($chance, $level, $result);
            $known = array_diff_key($well ?? $this->rounded($chance, $level, $result), [$asked => 1]);
            $given = $level === 3 ? $this->inAnotherUnit($chance, $known) : $known;
            $isHopeless = array_filter($known, static fn (Quantity $value): bool => isset(self::GIVEN_IN[$value->unit->symbol()])) === [];
            if ($level < 3 || $given !== $known || $isHopeless || $try === 12) {
                return [$known, $given, $well !== null];
            }
        }
    }

    /**
     * Values that all end after few places, as few as can be found; null where none do.
     *
     * @return array<string, Quantity>|null
     */
    private function wellChosen(Chance $chance, int $level, string $result): ?array
    {
        if (str_contains($this->formula->written, 'π')) {
            return null;
        }
        foreach ([0, 1, 2] as $places) {
            for ($try = 0; $try < self::TRIES; $try++) {
                $values = $this->drawn($chance, self::MOST[$level] ?? 10, $places, $result);
                if ($values !== null && $this->isWell($values[$result], $places)) {
                    return $values;
                }
            }
        }

        return null;
    }

    /**
     * @return array<string, Quantity>|null all quantities of the formula; null when two are alike or do not go together, as a hypotenuse shorter than a leg
     */
    private function drawn(Chance $chance, int $most, int $places, string $result): ?array
    {
        $values = [];
        foreach ($this->formula->names() as $name) {
            // Numbers after the point only where whole ones do not do, and never for what is counted.
            $isCount = $this->formula->quantities[$name][1]->isNone();
            $size = 10 ** ($places > 0 && ! $isCount && $chance->whole(0, 1) === 1 ? 1 : 0);
            $values[$name] = $this->kept[$name] ?? Quantity::of(
                BigRational::nd($chance->whole(2 * $size, $most * $size), $size),
                $this->formula->quantities[$name][1],
            );
        }
        unset($values[$result]);
        if (count(array_unique(array_map(static fn (Quantity $value): string => $value->number(), $values))) < count($values)) {
            return null;
        }
        try {
            $worked = Rearrangement::solve($this->formula->left, $this->formula->right, $result)->evaluate($values);
        } catch (MathsError) {
            return null;
        }
        $usual = $this->formula->quantities[$result][1];

        return [$result => $usual->measuresLike($worked->unit) ? $worked->in($usual) : $worked] + $values;
    }

    private function isWell(Quantity $value, int $places): bool
    {
        $scaled = $value->value->multipliedBy(10 ** $places)->simplified();

        return $value->exact && $value->value->isPositive() && $value->value->isLessThan(100_000)
            && $scaled->getDenominator()->isEqualTo(1)
            && (! StartingSheets::givesAShare($this->formula) || $value->value->isLessThan(1));
    }

    /**
     * Whole values, and the result of them to a few figures.
     *
     * @return array<string, Quantity>
     *
     * @throws InvalidQuantities where no values go together
     */
    private function rounded(Chance $chance, int $level, string $result): array
    {
        for ($try = 0; $try < self::TRIES; $try++) {
            $values = $this->drawn($chance, self::MOST[$level] ?? 10, 0, $result);
            if ($values !== null) {
                return [$result => SignificantFigures::round($values[$result], Variation::FIGURES)] + $values;
            }
        }
        throw InvalidQuantities::because(
            "No numbers were found that go together in {$this->formula->written}. Choose another formula to practise.",
            'formula',
        );
    }

    /**
     * @param  array<string, Quantity>  $known
     * @return array<string, Quantity> the same, one of them in another unit where that is short
     */
    private function inAnotherUnit(Chance $chance, array $known): array
    {
        foreach ($chance->shuffled(array_keys($known)) as $name) {
            $other = Units::called(self::GIVEN_IN[$known[$name]->unit->symbol()] ?? '');
            $value = $other === null ? null : $known[$name]->in($other);
            if (
                $value !== null
                && $value->value->isLessThan(10_000)
                && $value->value->multipliedBy(100)->simplified()->getDenominator()->isEqualTo(1)
            ) {
                return [...$known, $name => $value];
            }
        }

        return $known;
    }

    /**
     * @param  array<string, Quantity>  $known
     * @param  array<string, Quantity>  $given
     * @return array<string, Quantity>
     */
    private function slips(Expression $solved, array $known, array $given, Quantity $answer): array
    {
        $worked = ['The unit was not changed first.' => $given === $known ? [] : [[$solved, self::plain($given)]]];
        foreach (FormulaSlips::commonIn($solved) as $why => $expressions) {
            $worked[$why] = array_map(static fn (Expression $each): array => [$each, self::plain($known)], $expressions);
        }
        $slips = [];
        foreach ($worked as $why => $tries) {
            foreach ($tries as [$expression, $values]) {
                $value = $expression->value($values);
                if (is_finite($value) && $value > 0 && $value < 1e7) {
                    $slips[$why] ??= SignificantFigures::round(
                        Quantity::of(BigRational::of(sprintf('%.9F', $value)), $answer->unit),
                        4,
                        $answer->unit->isMoney() ? 2 : 6,
                    );
                }
            }
        }

        return array_filter($slips, static fn (Quantity $slip): bool => $slip->value->isPositive());
    }

    /**
     * @param  array<string, Quantity>  $values
     * @return array<string, float>
     */
    private static function plain(array $values): array
    {
        return array_map(static fn (Quantity $value): float => $value->value->toFloat(), $values);
    }
}
