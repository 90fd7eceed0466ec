<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\Expression\Name;
use Daybright\Maths\Expression\QuadraticRoot;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Rearrangement;
use Daybright\Maths\SignificantFigures;
use Daybright\Maths\Typed;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Worked\Example;
use Daybright\Worked\FormulaPractice;
use Daybright\Worked\LikeUnits;
use Daybright\Worked\Line;
use Daybright\Worked\Method;
use Daybright\Worked\Sheet\Choice;
use Daybright\Worked\Sheet\SheetFormula;
use Daybright\Worked\Sheet\StartingSheets;

/** Known values put into a formula: chosen, rearranged, units made alike, substituted, worked out, rounded, written and checked. */
final readonly class Substitution implements Method
{
    /** The acceleration of falling is the same in every item. */
    private const NEVER_ASKED = ['g'];

    /**
     * @param  array<string, Quantity>  $known as typed, by name
     * @param  array<string, Quantity>  $converted in the units of the formula
     */
    private function __construct(
        private SheetFormula $formula,
        private LikeUnits $units,
        private array $known,
        private array $converted,
        private string $asked,
        private Unit $unit,
        private int $figures,
        private string $task,
        private Expression $solved,
    ) {
    }

    public static function name(): string
    {
        return 'formula';
    }

    public static function label(): string
    {
        return 'Put values into a formula';
    }

    public static function blank(): array
    {
        return [
            'formula' => 'V = l w h',
            'known' => "V = 72 cm³\nl = 60 mm\nw = 4 cm",
            'asked' => 'h',
            'unit' => '',
            'figures' => 3,
            'task' => '',
        ];
    }

    public static function fields(): array
    {
        return [
            Field::text('formula', 'Formula', 'V = l w h'),
            Field::lines('known', 'What is known, one on a line', "l = 6 cm\nw = 4 cm"),
            Field::text('asked', 'What is asked', 'V'),
            Field::text('unit', 'Unit of the answer', 'as it comes'),
            Field::whole('figures', 'Figures to round to'),
            Field::text('task', 'The task in words', 'leave empty to have it written'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $known = self::known($reading->lines('known', 'What is known', 1, 6));
        $asked = $reading->text('asked', 'What is asked', 12);
        try {
            $formula = self::formula(
                $reading->text('formula', 'The formula', 80),
                $quantities->list('names'),
                [...array_map(strval(...), array_keys($known)), $asked],
            );
            $choice = Choice::judge($formula, array_map(strval(...), array_keys($known)), $asked);
            if (! $choice->serves) {
                throw InvalidQuantities::because("{$formula->written} cannot serve here. {$choice->why}", 'formula');
            }
            $known = array_intersect_key($known, $formula->quantities);
            self::refuseWrongKind($formula, $known);
            $solved = Rearrangement::solve($formula->left, $formula->right, $asked);
            $unit = self::wished($reading);
            $units = self::units($formula, $known, $solved, $asked, $unit);
            $converted = array_map($units->convert(...), $known);
            $answer = $solved->evaluate($converted);
            if (! $unit->isNone() && ! $unit->measuresLike($answer->unit)) {
                throw InvalidQuantities::because(
                    "{$asked} is {$answer->unit->kindInWords()} here, and {$unit->written()} is {$unit->kindInWords()}. Choose another unit for the answer.",
                    'unit',
                );
            }
        } catch (MathsError $error) {
            throw InvalidQuantities::because($error->getMessage(), 'formula');
        }

        return new self(
            $formula,
            $units,
            $known,
            $converted,
            $asked,
            $unit,
            $reading->has('figures') ? $reading->whole('figures', 'The figures to round to', 1, 8) : 3,
            $reading->has('task') ? $reading->text('task', 'The task', 300) : '',
            $solved,
        );
    }

    public function example(): Example
    {
        $answer = $this->rounded($this->answer());
        $check = $this->check($answer);
        $lines = [
            new Line($this->formula->written, 'This formula has what is asked and what is known.'),
            ...$this->givenLines(),
            ...$this->solvingLines(),
            ...$this->resultLines(),
            new Line('', "So {$this->called($this->asked)} is {$answer->written()}."),
        ];

        return new Example($this->taskInWords(), $check === null ? $lines : [...$lines, $check], $answer);
    }

    /** @return list<Line> what is known, each with its mark */
    private function givenLines(): array
    {
        $lines = [];
        foreach (array_map(strval(...), array_keys($this->known)) as $number => $name) {
            [$typed, $converted] = [$this->known[$name], $this->converted[$name]];
            $isChanged = $typed->unit->symbol() !== $converted->unit->symbol();
            $meaning = $this->formula->quantities[$name][0] === $name ? '' : $this->formula->quantities[$name][0];
            $reason = $isChanged ? rtrim("We use one unit throughout: {$meaning}", ': ') : $meaning;
            $lines[] = new Line(
                "{$name} = {$typed->typed()}".($isChanged ? " = {$converted->typed()}" : ''),
                $reason === '' ? 'This is given.' : $reason,
                [$number + 1 => $converted->typed()],
            );
        }

        return $lines;
    }

    /** @return list<Line> the formula solved for what is asked, and with the values put in */
    private function solvingLines(): array
    {
        $typed = array_map(static fn (Quantity $each): string => $each->typed(), $this->converted);
        $isSolved = $this->formula->left instanceof Name && $this->formula->left->name === $this->asked;

        if ($this->solved instanceof QuadraticRoot) {
            return $this->quadraticLines($this->solved);
        }

        return [
            ...($isSolved ? [] : [new Line("{$this->asked} = ".Typed::write($this->solved), "We solve it for {$this->asked}.")]),
            new Line(
                "{$this->asked} = ".Typed::write($this->solved, $typed),
                'We put the values in.',
                array_combine(range(1, count($typed)), array_values($typed)),
            ),
        ];
    }

    /** @return list<Line> brought to a x² + b x + c = 0, put into the formula for it, and the root that makes sense */
    private function quadraticLines(QuadraticRoot $root): array
    {
        $known = array_map($this->units->convert(...), $this->known);
        $written = array_map(static fn (BigRational $each): string => Quantity::of($each)->typedNumber(), $root->coefficients($known));
        [$a, $b, $c] = $written;
        $held = static fn (string $number): string => str_starts_with($number, '-') ? "({$number})" : $number;
        $signed = static fn (string $number): string => str_starts_with($number, '-') ? '− '.substr($number, 1) : '+ '.$number;
        $roots = $root->roots($known);
        $other = $roots[1] ?? null;
        $typed = fn (Quantity $each): string => $this->rounded($each)->typed();
        $choice = $other?->value->isNegative() ? "Only {$typed($roots[0])} makes sense here." : "{$typed($roots[0])} comes first.";

        return [
            new Line(
                "{$a} {$this->asked}² {$signed($b)} {$this->asked} {$signed($c)} = 0",
                "With the values put in, and all on one side: {$this->asked} stands there squared and plain.",
            ),
            new Line(
                "{$this->asked} = (−{$held($b)} ± √({$held($b)}² − 4 × {$held($a)} × {$held($c)}))/(2 × {$held($a)})",
                'We use the formula for such equations.',
            ),
            ...($other === null ? [] : [new Line('', "It gives {$typed($roots[0])} and {$typed($other)}. {$choice}")]),
        ];
    }

    /**
     * @param  array<string, Quantity>  $known
     *
     * @throws InvalidQuantities when a value is of another kind than its quantity
     */
    private static function refuseWrongKind(SheetFormula $formula, array $known): void
    {
        foreach ($known as $name => $value) {
            [$meaning, $unit] = $formula->quantities[$name];
            $isHeat = str_starts_with((string) array_key_first($unit->dimensions), 'temperature')
                && str_starts_with((string) array_key_first($value->unit->dimensions), 'temperature');
            if (! $unit->isNone() && ! $value->unit->isNone() && ! $value->unit->measuresLike($unit) && ! $isHeat) {
                throw InvalidQuantities::because(
                    "{$name} is {$unit->kindInWords()} here ("
                        .($meaning === $name ? $unit->symbol() : $meaning)
                        ."), and {$value->written()} is {$value->unit->kindInWords()}. Check its unit.",
                    'known',
                );
            }
        }
    }

    /** @return list<Line> what it comes to, and the same in the unit that is wished */
    private function resultLines(): array
    {
        [$answer, $before] = [$this->answer(), $this->made($this->solved, $this->converted, $this->asked)];
        $isExact = $this->rounded($answer)->equals($answer);
        $worked = match (true) {
            $isExact => 'We work it out.',
            $answer->unit->isMoney() => 'We work it out, to two decimal places.',
            default => "We work it out and round to {$this->figures} figures.",
        };
        $isChanged = $before->unit->symbol() !== $answer->unit->symbol();

        return $isChanged
            ? [$this->result($before, $worked), $this->result($answer, "In {$answer->unit->symbol()}, as it is asked for.")]
            : [$this->result($answer, $worked)];
    }

    private function result(Quantity $answer, string $reason): Line
    {
        $rounded = $this->rounded($answer);

        return new Line("{$this->asked} ".($rounded->equals($answer) ? '=' : '≈')." {$rounded->typed()}", $reason);
    }

    /** Level 1 asks for what the formula gives, level 2 for one of its other quantities, level 3 gives a value in another unit. */
    public function vary(int $seed, int $level): Variation
    {
        $subject = $this->formula->left instanceof Name ? $this->formula->left->name : $this->asked;
        $others = array_values(array_diff($this->formula->names(), [$subject, ...self::NEVER_ASKED]));
        $asked = $level === 1 || $others === [] ? $subject : Chance::seeded($seed, $level)->one($others);

        return $this->practice($seed, $level, $asked, $subject);
    }

    /** @param  string  $asked the quantity that is always asked */
    public function varyAsking(int $seed, int $level, string $asked): Variation
    {
        return $this->practice($seed, $level, $asked, $this->formula->left instanceof Name ? $this->formula->left->name : $asked);
    }

    private function practice(int $seed, int $level, string $asked, string $result): Variation
    {
        $kept = array_intersect_key($this->converted, array_flip(self::NEVER_ASKED));
        // A formula of no sheet has the units that its values were typed with.
        $typed = array_map(static fn (Quantity $each): Unit => $each->unit, [...$this->converted, $this->asked => $this->answer()]);
        try {
            return (new FormulaPractice(
                $this->formula->withUnits($typed),
                $kept,
            ))->item(Chance::seeded($seed, $level), $level, $asked, $result);
        } catch (MathsError $error) {
            throw InvalidQuantities::because($error->getMessage(), 'formula');
        }
    }

    private function answer(): Quantity
    {
        $answer = $this->made($this->solved, $this->converted, $this->asked);

        return $this->unit->isNone() ? $answer : $answer->in($this->unit);
    }

    /** @param  array<string, Quantity>  $values */
    private function made(Expression $expression, array $values, string $name): Quantity
    {
        return self::inOneUnit($this->units->convert($expression->evaluate($values)), $this->formula->quantities[$name][1]);
    }

    /**
     * The units as they were typed; metre, kilogram and second where those would give an answer such as “2 g m/s²”,
     * or one in tonnes because the force was in kilonewtons.
     *
     * @param  array<string, Quantity>  $known
     *
     * @throws MathsError
     */
    private static function units(SheetFormula $formula, array $known, Expression $solved, string $asked, Unit $wanted): LikeUnits
    {
        $typed = array_values(array_map(static fn (Quantity $each): Unit => $each->unit, $known));
        $usual = array_values(array_map(static fn (array $each): Unit => $each[1], $formula->quantities));
        $units = $wanted->isNone() ? LikeUnits::choose($typed, $usual) : LikeUnits::choose([], [$wanted, ...$usual, ...$typed]);
        $asTyped = self::inOneUnit($units->convert($solved->evaluate(array_map($units->convert(...), $known))), Unit::none())->unit;
        $usualAnswer = $formula->quantities[$asked][1];
        $isMixed = str_contains($asTyped->symbol(), ' ') || substr_count($asTyped->symbol(), '/') > 1;
        $isUnusual = ! $asTyped->isCompound()
            || ($usualAnswer->measuresLike($asTyped) && ! $usualAnswer->factor->isEqualTo($asTyped->factor));
        $hasDerived = count($typed) > 1 && array_filter($typed, static fn (Unit $unit): bool => $unit->isDerived()) !== [];

        return $isMixed || ($hasDerived && $isUnusual && ! $asTyped->isDerived()) ? LikeUnits::coherent() : $units;
    }

    private static function wished(Reading $reading): Unit
    {
        try {
            return Units::read($reading->has('unit') ? $reading->text('unit', 'The unit of the answer', 20) : '');
        } catch (MathsError $error) {
            throw InvalidQuantities::because($error->getMessage(), 'unit');
        }
    }

    /** In the unit of the sheet where that is the same by another name, or in one with a name of its own: 3 A for 3 V/Ω. */
    private static function inOneUnit(Quantity $answer, Unit $usual): Quantity
    {
        $isUsual = $usual->measuresLike($answer->unit) && $usual->factor->isEqualTo($answer->unit->factor) && ! $usual->isNone();
        $unit = $isUsual ? $usual : Units::named($answer->unit);

        return $unit === null ? $answer : new Quantity($answer->value, $unit, $answer->exact);
    }

    private function rounded(Quantity $answer): Quantity
    {
        $short = SignificantFigures::round($answer, $this->figures);

        if (! $short->equals($answer)) {
            return $short;
        }

        // What comes out even but for the last of fifteen figures is even.
        return $answer->exact ? $answer : Quantity::of($short->value, $short->unit);
    }

    /** Sense check: the answer put back gives a known value again. */
    private function check(Quantity $answer): ?Line
    {
        $isSubject = $this->formula->left instanceof Name && $this->formula->left->name === $this->asked;
        $name = $isSubject ? array_key_last($this->converted) : ($this->formula->left instanceof Name ? $this->formula->left->name : null);
        if ($name === null || ! isset($this->converted[$name]) || ! $answer->equals($this->answer())) {
            return null;
        }
        try {
            $back = $isSubject ? Rearrangement::solve($this->formula->left, $this->formula->right, $name) : $this->formula->right;
            $values = [$this->asked => $answer] + $this->converted;
            $result = $this->made($back, $values, $name);
        } catch (MathsError) {
            return null;
        }

        return $result->equals($this->converted[$name])
            ? new Line(
                Typed::write(
                    $back,
                    array_map(static fn (Quantity $each): string => $each->typed(), $values),
                ).' = '.$this->converted[$name]->typed(),
                "Check: put back, it gives {$name} again.",
            )
            : null;
    }

    private function taskInWords(): string
    {
        if ($this->task !== '') {
            return $this->task;
        }
        $known = array_map(
            fn (string $name): string => "{$this->called($name)} is {$this->known[$name]->written()}",
            array_map(strval(...), array_keys($this->known)),
        );

        $last = array_pop($known);
        $list = $known === [] ? $last : implode(', ', $known).' and '.$last;

        // A letter keeps its size: “v is 3 m/s” is not about volts.
        $first = (string) array_key_first($this->known);
        $list = $this->called($first) === $first ? $list : ucfirst((string) $list);

        return "{$list}. What is {$this->called($this->asked)}".($this->unit->isNone() ? '' : " in {$this->unit->symbol()}").'?';
    }

    /** “the length”, or the letter where nobody has said what it means. */
    private function called(string $name): string
    {
        $meaning = $this->formula->quantities[$name][0];

        return $meaning === $name ? $name : "the {$meaning}";
    }

    /**
     * @param  list<string>  $lines
     * @return array<string, Quantity>
     */
    private static function known(array $lines): array
    {
        $known = [];
        foreach ($lines as $line) {
            [$name, $written] = array_map(trim(...), array_pad(explode('=', $line, 2), 2, ''));
            try {
                $known[$name] = Quantity::read($written);
            } catch (MathsError) {
                throw InvalidQuantities::because("“{$line}” is not a value. Write for example l = 6 cm.", 'known');
            }
        }

        return $known;
    }

    /**
     * The formula with the meanings and units of the lesson's sheet, or of the starting sheets, or as it was typed.
     *
     * @param  list<Fields>  $names name, meaning and unit of its quantities
     * @param  list<string>  $known names that are known or asked
     *
     * @throws MathsError
     */
    private static function formula(string $written, array $names, array $known): SheetFormula
    {
        if ($names !== []) {
            return SheetFormula::withNames($written, $names, $known);
        }
        $bare = static fn (string $text): string => (string) preg_replace('/\s+/u', '', $text);
        foreach (StartingSheets::all() as $sheet) {
            foreach ($sheet as $formula) {
                if ($bare($formula->written) === $bare($written)) {
                    return $formula;
                }
            }
        }

        return SheetFormula::parse($written, [], $known);
    }
}
