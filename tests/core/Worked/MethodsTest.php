<?php

declare(strict_types=1);

namespace Tests\Core\Worked;

use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Maths\Quantity;
use Daybright\Worked\Method;
use Daybright\Worked\Methods;
use Daybright\Worked\Methods\Substitution;
use Daybright\Worked\Methods\UnitChange;
use Daybright\Worked\Sheet\Choice;
use Daybright\Worked\Sheet\SheetFormula;
use Daybright\Worked\Sheet\StartingSheets;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MethodsTest extends TestCase
{
    /** @return iterable<string, array{class-string<Method>}> */
    public static function methods(): iterable
    {
        foreach (Methods::all() as $method) {
            yield $method::name() => [$method];
        }
    }

    /** @param  class-string<Method>  $method */
    #[DataProvider('methods')]
    public function test_every_line_holds_and_every_mark_is_in_its_line(string $method): void
    {
        $begun = $method::from(new Fields($method::blank()));
        foreach ([1, 2, 3] as $level) {
            for ($seed = 1; $seed <= 25; $seed++) {
                $item = $begun->vary($seed, $level);
                self::assertEquals($item, $begun->vary($seed, $level));
                $example = $method::from(new Fields($item->quantities))->example();
                foreach ($example->lines as $line) {
                    foreach (EqualityChecker::check($line->formula) as $equality) {
                        self::assertTrue($equality->holds(), "{$item->prompt}: {$equality->sentence}");
                    }
                    self::assertNotSame('', $line->reason.$line->formula);
                    foreach ($line->marks as $mark) {
                        self::assertStringContainsString($mark, $line->formula);
                    }
                }
                $written = array_map(Variation::written(...), array_values($item->slips));
                self::assertNotContains(Variation::written($item->answer), $written);
                self::assertGreaterThanOrEqual(2, count($written), $item->prompt);
            }
        }
        $this->expectException(InvalidQuantities::class);
        $begun->vary(1, 4);
    }

    /** @return iterable<string, array{SheetFormula, string}> */
    public static function startingFormulas(): iterable
    {
        foreach (StartingSheets::all() as $sheet) {
            foreach ($sheet as $formula) {
                foreach ($formula->names() as $asked) {
                    yield "{$formula->written}, {$asked}" => [$formula, $asked];
                }
            }
        }
    }

    #[DataProvider('startingFormulas')]
    public function test_every_starting_formula_is_solved_for_each_of_its_quantities_in_a_unit_of_its_kind(
        SheetFormula $formula,
        string $asked,
    ): void {
        $values = array_combine(
            $formula->names(),
            array_map(
                static fn (string $name, int $place): string => "{$name} = ".(5 + 3 * $place).' '.$formula->quantities[$name][1]->symbol(),
                $formula->names(),
                array_keys($formula->names()),
            ),
        );
        // The first letter is what the formula gives: large enough for the differences and roots that the others are found by.
        $values[$formula->names()[0]] = "{$formula->names()[0]} = 700 ".$formula->quantities[$formula->names()[0]][1]->symbol();
        unset($values[$asked]);
        $example = Substitution::from(new Fields([
            'formula' => $formula->written,
            'known' => implode("\n", $values),
            'asked' => $asked,
            'figures' => 4,
        ]))->example();
        self::assertInstanceOf(Quantity::class, $example->answer);
        self::assertTrue($example->answer->unit->measuresLike($formula->quantities[$asked][1]), Variation::written($example->answer));
        self::assertStringContainsString($formula->quantities[$asked][0], $example->task);
        foreach ($example->lines as $line) {
            foreach (EqualityChecker::check($line->formula) as $equality) {
                self::assertTrue($equality->holds(), $equality->sentence);
            }
        }
    }

    public function test_a_unit_that_is_none_is_told_at_its_own_field(): void
    {
        $this->expectExceptionObject(InvalidQuantities::because(
            '“furlongs” is not a unit this lesson knows. Use for example cm, m², litres or km/h.',
            'unit',
        ));
        Substitution::from(new Fields(['formula' => 'V = I R', 'known' => "V = 12 V\nR = 4 Ω", 'asked' => 'I', 'unit' => 'furlongs']));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function measures(): iterable
    {
        yield 'masses' => ['3 kg', 'g', '~ (kg|g) in (g|kg)\.$| t in g\.$~'];
        yield 'times' => ['90 min', 'h', '~ (h|min|days?) in (min|h)\.$~'];
        yield 'volumes' => ['2 litres', 'ml', '~ (litres|L|ml|m³) in (ml|L|litres|cm³)\.$~'];
    }

    #[DataProvider('measures')]
    public function test_who_practises_one_measure_is_not_asked_for_another(string $amount, string $to, string $expected): void
    {
        $method = UnitChange::from(new Fields(['amount' => $amount, 'to' => $to]));
        foreach ([1, 2, 3] as $level) {
            for ($seed = 1; $seed <= 20; $seed++) {
                self::assertMatchesRegularExpression($expected, str_replace("\u{00A0}", ' ', $method->vary($seed, $level)->prompt));
            }
        }
    }

    public function test_a_formula_of_no_sheet_is_practised_with_the_units_that_were_typed(): void
    {
        $method = Substitution::from(new Fields(['formula' => 'F = k x', 'known' => "F = 30 N\nx = 0.05 m", 'asked' => 'k']));
        $item = $method->vary(5, 1);
        self::assertMatchesRegularExpression('~^k is \d+\x{00A0}N/m and x is \d+\x{00A0}m\. What is F\?$~u', $item->prompt);
        self::assertStringEndsWith("\u{00A0}N", Variation::written($item->answer));
    }

    #[DataProvider('startingFormulas')]
    public function test_practice_with_a_starting_formula_has_numbers_that_come_out_well(SheetFormula $formula, string $asked): void
    {
        $known = array_map(
            static fn (string $name): string => "{$name} = 9 ".$formula->quantities[$name][1]->symbol(),
            array_diff($formula->names(), [$formula->names()[0]]),
        );
        $method = Substitution::from(new Fields([
            'formula' => $formula->written,
            'known' => implode("\n", $known),
            'asked' => $formula->names()[0],
        ]));
        foreach ([1, 2, 3] as $level) {
            for ($seed = 1; $seed <= 6; $seed++) {
                $item = $method->varyAsking($seed, $level, $asked);
                self::assertDoesNotMatchRegularExpression('~\d/\d|\d{7}|\.\d{4}~', str_replace("\u{202F}", '', $item->prompt));
                self::assertInstanceOf(Quantity::class, $item->answer);
                self::assertTrue($item->answer->value->isPositive());
                self::assertGreaterThanOrEqual(1, count($item->slips));
                self::assertSame($item->tolerance !== '', str_contains($item->prompt, 'Give three figures.'));
                // A value in another unit is asked for in that of the formula, so that it has to be changed.
                self::assertSame($item->quantities['unit'] !== '', str_contains($item->prompt, " in {$item->answer->unit->symbol()}?"));
                self::assertTrue($level === 3 || $item->quantities['unit'] === '');
            }
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>, string}> method, quantities, lines that must be there, answer */
    public static function examples(): iterable
    {
        yield 'a box with a missing height and mixed units' => [
            'formula',
            ['formula' => 'V = l w h', 'known' => "V = 72 cm³\nl = 60 mm\nw = 4 cm", 'asked' => 'h'],
            ['l = 60 mm = 6 cm', 'h = V/(l w)', 'h = (72 cm³)/(6 cm × 4 cm)', '6 cm × 4 cm × 3 cm = 72 cm³'],
            "3\u{00A0}cm",
        ];
        yield 'an acceleration' => [
            'formula',
            ['formula' => 'v = u + a t', 'known' => "v = 20 m/s\nu = 8 m/s\nt = 4 s", 'asked' => 'a'],
            ['a = (v − u)/t', 'a = (20 m/s − 8 m/s)/(4 s)'],
            "3\u{00A0}m/s²",
        ];
        yield 'a radius, rounded' => [
            'formula',
            ['formula' => 'A = π r²', 'known' => 'A = 50 cm²', 'asked' => 'r', 'figures' => 3],
            [],
            "3.99\u{00A0}cm",
        ];
        yield 'a formula of the teacher’s own' => [
            'formula',
            ['formula' => 'q = 3 n + 2', 'known' => 'q = 20', 'asked' => 'n'],
            ['n = (q − 2)/3'],
            '6',
        ];
        yield 'a current, named for what volts over ohms come to' => [
            'formula',
            ['formula' => 'V = I R', 'known' => "V = 12 V\nR = 4 Ω", 'asked' => 'I'],
            ['I = (12 V)/(4 Ω)', 'I = 3 A'],
            "3\u{00A0}A",
        ];
        yield 'a force from grams' => [
            'formula',
            ['formula' => 'F = m a', 'known' => "m = 500 g\na = 3 m/s²", 'asked' => 'F'],
            ['m = 500 g = 0.5 kg', 'F = 0.5 kg × 3 m/s²'],
            "1.5\u{00A0}N",
        ];
        yield 'kilowatts and hours stay what they are' => [
            'formula',
            ['formula' => 'E = P t', 'known' => "P = 2 kW\nt = 3 h", 'asked' => 'E'],
            ['E = 2 kW × 3 h'],
            "6\u{00A0}kWh",
        ];
        yield 'a speed from an energy' => [
            'formula',
            ['formula' => 'E = m v²/2', 'known' => "E = 100 J\nm = 2 kg", 'asked' => 'v'],
            ['v = √((100 J × 2)/(2 kg))'],
            "10\u{00A0}m/s",
        ];
        yield 'a moment is no energy' => [
            'formula',
            ['formula' => 'M = F d', 'known' => "F = 20 N\nd = 30 cm", 'asked' => 'M'],
            [],
            "6\u{00A0}N m",
        ];
        yield 'a speed in the unit that is wanted' => [
            'formula',
            ['formula' => 'v = s/t', 'known' => "s = 3 km\nt = 15 min", 'asked' => 'v', 'unit' => 'km/h'],
            ['t = 15 min = 0.25 h', 'v = (3 km)/(0.25 h)'],
            "12\u{00A0}km/h",
        ];
        yield 'a force in kilonewtons' => [
            'formula',
            ['formula' => 'F = m a', 'known' => "m = 4 t\na = 3 m/s²", 'asked' => 'F', 'unit' => 'kN'],
            ['F = 12000 N', 'F = 12 kN'],
            "12\u{00A0}kN",
        ];
        yield 'the meanings of the lesson’s own sheet' => [
            'formula',
            [
                'formula' => 'F = k x',
                'known' => "F = 30 N\nx = 5 cm",
                'asked' => 'k',
                'names' => [
                    ['name' => 'F', 'meaning' => 'pull', 'unit' => 'N'],
                    ['name' => 'k', 'meaning' => 'stiffness', 'unit' => 'N/m'],
                    ['name' => 'x', 'meaning' => 'stretch', 'unit' => 'm'],
                ],
            ],
            ['x = 5 cm = 0.05 m', '600 N/m × 0.05 m = 30 N'],
            "600\u{00A0}N/m",
        ];
        yield 'litres' => ['units', ['amount' => '2.5 litres', 'to' => 'ml'], ['1 L = 1000 ml', '2.5 × 1000 = 2500'], "2500\u{00A0}ml"];
        yield 'back to metres' => ['units', ['amount' => '85 cm', 'to' => 'm'], ['1 m = 100 cm', '85 ÷ 100 = 0.85'], "0.85\u{00A0}m"];
        yield 'a recurring share' => ['share', ['share' => '2/3'], ['2 ÷ 3 ≈ 0.667'], '2/3 = 0.666… = 66 2/3%'];
        yield 'from a percent' => ['share', ['share' => '37.5%'], ['37.5% = 37.5/100', '375/1000 = 3/8'], '3/8 = 0.375 = 37.5%'];
        yield 'from a decimal' => ['share', ['share' => '0.25'], ['0.25 = 25/100', '25/100 = 1/4'], '1/4 = 0.25 = 25%'];
        yield 'the equation without a fraction is solved' => [
            'equations',
            ['mode' => 'equations', 'firstEquation' => '2x + 3y = 12', 'secondEquation' => 'y = x − 1'],
            ['2x + 3(−1 + x) = 12', '5x = 15', 'x = 3', 'y = 2'],
            'x 3, y 2',
        ];
        yield 'a side from a fence' => ['edge', ['shape' => 'fence', 'whole' => '30 m', 'first' => '9 m'], [], "6\u{00A0}m"];
        yield 'a leg of a right triangle' => ['edge', ['shape' => 'right', 'whole' => '13', 'first' => '5'], ['b = 12'], '12'];
    }

    /**
     * @param  array<string, mixed>  $quantities
     * @param  list<string>  $lines
     */
    #[DataProvider('examples')]
    public function test_examples_worked_by_hand(string $method, array $quantities, array $lines, string $answer): void
    {
        $example = Methods::draw($method, new Fields($quantities))->example();
        self::assertSame($answer, Variation::written($example->answer));
        $formulas = implode(' | ', array_map(static fn ($line): string => $line->formula, $example->lines));
        foreach ($lines as $line) {
            self::assertStringContainsString($line, $formulas);
        }
    }

    public function test_a_number_and_where_it_came_from_carry_the_same_mark(): void
    {
        $lines = Methods::draw(
            'formula',
            new Fields(['formula' => 'A = l w', 'known' => "l = 7 cm\nw = 5 cm", 'asked' => 'A']),
        )->example()->lines;
        self::assertSame([1 => '7 cm'], $lines[1]->marks);
        self::assertSame([1 => '7 cm', 2 => '5 cm'], $lines[3]->marks);
    }

    /** @return iterable<array{string, array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield ['formula', ['formula' => 'V = l w h', 'known' => 'l = 6 cm', 'asked' => 'V'], 'w (width) and h (height) are not known'];
        yield ['formula', ['formula' => 'V = l w h', 'known' => 'l = 6 cm', 'asked' => 'q'], 'does not have q'];
        yield ['formula', ['formula' => 'V = l w h', 'known' => 'long', 'asked' => 'V'], 'is not a value'];
        yield ['formula', ['formula' => 'y = x + x² + x³', 'known' => 'y = 6', 'asked' => 'x'], 'cannot be solved'];
        yield ['units', ['amount' => '3 kg', 'to' => 'cm'], 'cannot be turned'.''];
        yield ['units', ['amount' => 'much', 'to' => 'cm'], 'a number with its unit'];
        yield ['edge', ['shape' => 'fence', 'whole' => '10 m', 'first' => '9 m'], 'cannot be'];
        yield ['edge', ['shape' => 'right', 'whole' => '3', 'first' => '5'], 'no square root'];
    }

    /** @param  array<string, mixed>  $quantities */
    #[DataProvider('mistakes')]
    public function test_a_mistake_gets_a_sentence(string $method, array $quantities, string $sentence): void
    {
        try {
            Methods::draw($method, new Fields($quantities));
            self::fail('the mistake was not found');
        } catch (InvalidQuantities $error) {
            self::assertStringContainsString(str_replace('cannot be turned', 'one cannot be turned', $sentence), $error->getMessage());
        }
    }

    public function test_the_sheet_says_which_formulas_serve_and_why_others_cannot(): void
    {
        $judged = [];
        foreach (StartingSheets::all()['Motion and forces'] as $formula) {
            $choice = Choice::judge($formula, ['u', 'a', 't'], 'v');
            $judged[$formula->written] = [$choice->serves, $choice->why];
        }
        self::assertSame([true, 'It has what is asked and what is known.'], $judged['v = u + a t']);
        self::assertStringContainsString('s (distance) is not known', $judged['v = s/t'][1]);
        self::assertStringContainsString('does not have v', $judged['F = m a'][1]);
    }

    public function test_a_root_that_is_not_exact_is_rounded_to_the_figures_asked(): void
    {
        $answer = Methods::draw(
            'formula',
            new Fields(['formula' => 'c² = a² + b²', 'known' => "a = 2\nb = 3", 'asked' => 'c', 'figures' => 4]),
        )->example()->answer;
        // √13 = 3.605551… (square root tables; from memory)
        self::assertInstanceOf(Quantity::class, $answer);
        self::assertSame('3.606', $answer->number());
    }

    /** @return iterable<string, array{string, string, string, string}> formula, what is known, what is asked, what it comes to */
    public static function formulas(): iterable
    {
        // Formulas of secondary textbooks; values worked out with SymPy and GNU units 2.22, to three figures.
        yield 'letters side by side' => ['s = ut + ½at²', "u = 3 m/s\na = 2 m/s²\nt = 4 s", 's', '28 m'];
        yield 'a squared letter' => ['E = mc²', "m = 2 kg\nc = 3 × 10^8 m/s", 'E', '1.8 × 10¹⁷ J'];
        yield 'two capitals' => ['P = IV', "I = 2 A\nV = 12 V", 'P', '24 W'];
        yield 'no units' => ['y = mx + c', "m = 2\nx = 3\nc = -4", 'y', '2'];
        yield 'a Greek letter' => ['v = fλ', "f = 50 Hz\nλ = 2 m", 'v', '100 m/s'];
        yield 'money' => ['I = PRT/100', "P = £500\nR = 4\nT = 3", 'I', '£60'];
        yield 'a difference' => ['Q = mcΔT', "m = 2 kg\nc = 4200 J/(kg K)\nΔT = 10 K", 'Q', '84 000 J'];
        yield 'a constant of nature' => ['F = G m M/r²', "G = 6.67 × 10⁻¹¹ N m²/kg²\nm = 5 kg\nM = 6e24 kg\nr = 6.4e6 m", 'F', '48.9 N'];
        yield 'a very small number' => ['E = h f', "h = 6.63e-34 J s\nf = 5e14 Hz", 'E', '3.32 × 10⁻¹⁹ J'];
        yield 'a cube root' => ['V = 4/3 π r³', 'V = 100 cm³', 'r', '2.88 cm'];
        yield 'a quadratic' => ['s = u t + ½ a t²', "s = 24 m\nu = 2 m/s\na = 4 m/s²", 't', '3 s'];
        yield 'numbered letters' => ['p_1 V_1 = p_2 V_2', "p_1 = 100 kPa\nV_1 = 2 m³\np_2 = 50 kPa", 'V_2', '4 m³'];
        yield 'noughts that count' => ['P = IV', "P = 2000 W\nV = 230 V", 'I', '8.70 A'];
        yield 'many letters' => ['F = 6πηrv', "η = 0.001 Pa s\nr = 1 mm\nv = 2 m/s", 'F', '3.77 × 10⁻⁵ N'];
        yield 'a moment' => ['M = F d', "F = 5 N\nd = 2 m", 'M', '10 N m'];
        yield 'an exact sine' => ['a = c sin A', "c = 10 cm\nA = 30°", 'a', '5 cm'];
        yield 'an inverse sine' => ['a = c sin A', "c = 10 cm\na = 5 cm", 'A', '30°'];
        yield 'a gas' => ['pV = nRT', "n = 2 mol\nR = 8.31 J/(mol K)\nT = 300 K\nV = 0.05 m³", 'p', '99 700 Pa'];
        yield 'interest' => ['A = P(1 + r)^n', "P = £200\nr = 0.05\nn = 3", 'A', '£231.53'];
        yield 'an exponent' => ['N = 2^n', 'N = 64', 'n', '6'];
        yield 'two squares' => ['v^2 = u^2 + 2as', "u = 3 m/s\na = 2 m/s²\ns = 4 m", 'v', '5 m/s'];
        yield 'Hooke' => ['F = kx', "k = 250 N/m\nx = 4 cm", 'F', '10 N'];
        yield 'a pendulum' => ['T = 2π√(l/g)', "l = 1 m\ng = 9.81 m/s²", 'T', '2.01 s'];
        yield 'a density' => ['ρ = m/V', "ρ = 2700 kg/m³\nV = 10 cm³", 'm', '0.027 kg'];
    }

    #[DataProvider('formulas')]
    public function test_formulas_of_textbooks_come_to_their_values(string $formula, string $known, string $asked, string $expected): void
    {
        $lines = Methods::draw(
            'formula',
            new Fields(['formula' => $formula, 'known' => $known, 'asked' => $asked, 'unit' => '']),
        )->example()->lines;
        $said = implode(
            "\n",
            array_map(static fn ($line): string => str_replace(["\u{00A0}", "\u{202F}"], ' ', "{$line->formula} {$line->reason}"), $lines),
        );
        self::assertMatchesRegularExpression('/So .* is '.preg_quote($expected, '/').'\./u', $said);
    }

    /** @return iterable<array{string, string, string}> amount, unit, written */
    public static function changes(): iterable
    {
        // GNU units 2.22.
        yield ['1 m', 'in', '1 m ≈ 39.4 in'];
        yield ['1 acre', 'm²', '1 acre ≈ 4047 m²'];
        yield ['3 weeks', 'days', '3 weeks = 21 days'];
        yield ['37 °C', '°F', '37 °C = 98.6 °F'];
        yield ['2 h 15 min', 'min', '2 h 15 min = 135 min'];
        yield ['£3.50', 'p', '£3.50 = 350p'];
        yield ['72 km/h', 'm/s', '72 km/h = 20 m/s'];
        yield ['2 m³', 'L', '2 m³ = 2000 L'];
        yield ['-40 °F', '°C', '-40 °F = -40 °C'];
    }

    #[DataProvider('changes')]
    public function test_units_change_as_converters_change_them(string $amount, string $to, string $expected): void
    {
        $formulas = array_map(
            static fn ($line): string => str_replace(["\u{00A0}", "\u{202F}", '−'], [' ', ' ', '-'], $line->formula),
            Methods::draw('units', new Fields(['amount' => $amount, 'to' => $to]))->example()->lines,
        );
        self::assertContains($expected, $formulas);
    }

    public function test_a_value_of_the_wrong_kind_is_refused(): void
    {
        foreach ([
            ['formula', ['formula' => 'v = s/t', 'known' => "s = 100 kg\nt = 5 s", 'asked' => 'v', 'unit' => '']],
            ['edge', ['shape' => 'box', 'whole' => '72 cm²', 'first' => '6 cm', 'second' => '4 cm']],
        ] as [$method, $quantities]) {
            try {
                Methods::draw($method, new Fields($quantities))->example();
                self::fail('It was taken.');
            } catch (InvalidQuantities $error) {
                self::assertStringContainsString('Check its unit', $error->getMessage());
            }
        }
    }
}
