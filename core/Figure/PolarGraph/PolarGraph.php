<?php

declare(strict_types=1);

namespace Daybright\Figure\PolarGraph;

use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\FunctionGraph\Curve;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\NumbersInFormula;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** r = f(θ), traced by angle, with its values on the axes, zeros, symmetry and family. */
final readonly class PolarGraph implements LiveFigure, PrintedWithItem
{
    private function __construct(public PolarCurve $curve, private ?Limacon $limacon)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'polar-graph',
            'Polar graph',
            'Trace r = f(θ) by angle and name its family',
            [Purpose::Curve, Purpose::Shape],
            [Subject::Maths, Subject::Art],
            'polar coordinates limaçon cardioid rose spiral angle radius',
        );
    }

    public static function blank(): array
    {
        return ['radius' => '1 + 2 cos θ'];
    }

    public static function fields(): array
    {
        return [Field::text('radius', 'r =', '1 + 2 cos θ; “t” or “theta” will do for θ')];
    }

    public static function from(Fields $quantities): self
    {
        $curve = PolarCurve::read((new Reading($quantities))->text('radius', 'The formula for r', 60));

        return new self($curve, Limacon::recognise($curve));
    }

    public static function live(): array
    {
        return ['radius'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        return NumbersInFormula::handles(
            $this->curve->written,
            'radius',
            'r = ',
            static fn (string $formula): array => ['radius' => $formula],
        );
    }

    public function done(LiveFigure $before): string
    {
        return $before instanceof self && $before->curve->written !== $this->curve->written
            ? "turns r = {$before->curve->written} into r = {$this->curve->written}"
            : '';
    }

    public function facts(): array
    {
        $facts = [Fact::words('formula', "r = {$this->curve->written}", 'the formula')];
        foreach (['right' => 0, 'up' => 90, 'left' => 180, 'down' => 270] as $name => $degrees) {
            $value = $this->curve->at($degrees);
            if (is_finite($value)) {
                $facts[] = Fact::quantity("at {$name}", Curve::quantity($value), "r at {$degrees}°");
            }
        }
        $facts[] = Fact::words('zeros', self::angles($this->curve->zeros), 'the angles where r is 0');
        $facts[] = Fact::quantity('largest', Curve::quantity($this->curve->largest()), 'the greatest distance from the pole');
        $facts[] = Fact::words('negative', $this->negative(), 'where r is below 0, so that the point lies on the other side of the pole');
        $facts[] = Fact::words('symmetry', $this->curve->symmetry(), 'its symmetry');
        if ($this->limacon !== null) {
            $facts[] = Fact::words('family', $this->limacon->family(), 'its family');
            $facts[] = Fact::quantity('area', Curve::quantity($this->curve->area(1)), 'the area it encloses');
            if ($this->limacon->hasLoop()) {
                $facts[] = Fact::quantity('loop area', Curve::quantity($this->curve->area(-1)), 'the area of its inner loop');
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('grid', 'the grid', 'Here is the pole, with circles for r and rays for the angle θ.')];
        foreach ([[0, 90], [90, 180], [180, 270], [270, 360]] as $number => [$from, $to]) {
            [$start, $end] = [$this->curve->at($from), $this->curve->at($to)];
            $values = is_finite($start) && is_finite($end)
                ? ' r goes from '.Curve::quantity($start)->rounded()->number().' to '.Curve::quantity($end)->rounded()->number().'.'
                : '';
            $steps[] = new FigureStep('turn-'.($number + 1), "from {$from}° to {$to}°", "From {$from} to {$to} degrees.{$values}");
        }
        $family = $this->limacon === null ? '' : " It is {$this->limacon->family()}.";
        $zeros = $this->curve->zeros;
        $steps[] = new FigureStep(
            'points',
            'points to know',
            ($zeros === [] ? 'It never passes through the pole.' : 'It passes through the pole at '.self::angles($zeros).'.').$family,
        );

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 440);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new PolarDrawing($this->curve, $box, $context))->pieces();
    }

    public function words(): string
    {
        return "The polar graph of r = {$this->curve->written}, for angles from 0 to 360 degrees.";
    }

    /** Level 1 asks for r at an angle, level 2 for the greatest r, level 3 for the family. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        $function = $chance->one(['cos', 'sin']);
        $b = $chance->whole(1, 5);
        $sign = $chance->one(['+', '−']);
        if ($level === 3) {
            $a = $chance->one(array_values(array_unique([$b, max(1, $b - 1), $b + 1, 2 * $b, 2 * $b + 1])));
            $written = self::formula($a, $sign, $b, $function);
            $family = Limacon::recognise(PolarCurve::read($written))?->family() ?? '';
            $others = array_values(array_diff(Limacon::FAMILIES, [$family]));

            return Variation::ask(['radius' => $written], "What is the curve r = {$written}?", $family, [
                'The two numbers decide the family: compare a with b.' => $others[0],
                'Check whether r ever falls to 0 or below.' => $others[1],
                'Compare a with twice b.' => $others[2],
            ]);
        }
        $a = $chance->whole(1, 9);
        $written = self::formula($a, $sign, $b, $function);
        $most = $a + $b;
        if ($level === 2) {
            return Variation::ask(
                ['radius' => $written],
                "What is the greatest distance of r = {$written} from the pole?",
                Quantity::of($most),
                [
                    'The two numbers were taken from each other.' => Quantity::of(abs($a - $b)),
                    'Only the number alone was taken.' => Quantity::of($a),
                    'They were multiplied.' => Quantity::of($a * $b),
                ],
            );
        }
        $degrees = $chance->one([0, 90, 180, 270]);
        $value = (int) round(PolarCurve::read($written)->at($degrees));

        return Variation::ask(['radius' => $written], "What is r of r = {$written} at θ = {$degrees}°?", Quantity::of($value), [
            'The cosine and the sine were mixed up.' => Quantity::of((int) round(
                PolarCurve::read(self::formula($a, $sign, $b, $function === 'cos' ? 'sin' : 'cos'))->at($degrees),
            )),
            'The sign was turned round.' => Quantity::of((int) round(
                PolarCurve::read(self::formula($a, $sign === '+' ? '−' : '+', $b, $function))->at($degrees),
            )),
            'The numbers were multiplied.' => Quantity::of($a * $b),
            'This is what stands before the '.($function === 'cos' ? 'cosine' : 'sine').'.' => Quantity::of($b),
        ]);
    }

    private static function formula(int $a, string $sign, int $b, string $function): string
    {
        return "{$a} {$sign} ".($b === 1 ? '' : "{$b} ")."{$function} θ";
    }

    /** @param  list<float>  $degrees */
    private static function angles(array $degrees): string
    {
        return $degrees === []
            ? 'none'
            : implode(
                ', ',
                array_map(static fn (float $each): string => Curve::quantity(round($each, 1))->rounded()->number().'°', $degrees),
            );
    }

    private function negative(): string
    {
        $ranges = array_map(
            static fn (array $range): string => 'from '.self::angles([$range[0]]).' to '.self::angles([$range[1]]),
            $this->curve->stretches(-1),
        );

        return $ranges === [] ? 'nowhere' : implode(', ', $ranges);
    }
}
