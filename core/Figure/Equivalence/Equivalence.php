<?php

declare(strict_types=1);

namespace Daybright\Figure\Equivalence;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Purpose;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\DecimalExpansion;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** One share written as a fraction, as a decimal and as a percent, exactly. */
final readonly class Equivalence implements LiveFigure, Varies
{
    public const MOST_PARTS = 40;

    /** @param  'strip'|'square'|'places'  $view */
    private function __construct(public BigRational $value, public string $view)
    {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'equivalence',
            'Equivalence strip',
            'Show that a fraction, a decimal and a percent are the same share',
            [Purpose::PartOfWhole, Purpose::Compare],
            [Subject::Maths],
            'fraction decimal percent percentage recurring place value hundred square convert',
        );
    }

    public static function blank(): array
    {
        return ['share' => '3/8', 'view' => 'strip'];
    }

    public static function fields(): array
    {
        return [
            Field::text('share', 'The share', '3/8, 0.375 or 37.5%'),
            Field::choice(
                'view',
                'Drawing',
                ['strip' => 'a strip with three scales', 'square' => 'a hundred square', 'places' => 'digits in their places'],
            ),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $written = $quantities->raw()['share'] ?? '';
        try {
            $share = Quantity::read(is_string($written) ? $written : '');
        } catch (MathsError) {
            throw InvalidQuantities::because(
                'The share must be a fraction, a decimal or a percent, for example 3/8, 0.375 or 37.5%.',
                'share',
            );
        }
        $value = $share->unit->isPercent() ? $share->value->dividedBy(100) : $share->value;
        if (! ($share->unit->isNone() || $share->unit->isPercent()) || $value->isNegative() || $value->isGreaterThan(1)) {
            throw InvalidQuantities::because(
                'A share of a whole lies between 0 and 1: for example 3/8, 0.375 or 37.5%, without a unit.',
                'share',
            );
        }
        $value = $value->simplified();
        if ($value->getDenominator()->isGreaterThan(1000)) {
            throw InvalidQuantities::because(
                "As a fraction this is {$value}: its parts are too small to show. Use a fraction with at most 1000 parts.",
                'share',
            );
        }
        $view = $quantities->raw()['view'] ?? 'strip';

        return new self($value, in_array($view, ['square', 'places'], true) ? $view : 'strip');
    }

    public static function live(): array
    {
        return ['share'];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        return [Handle::turn('share', 'the share in percent', $this->value->toFloat() * 100, 0, 100, 1, ['share' => Handle::VALUE.'%'])];
    }

    public function done(LiveFigure $before): string
    {
        return $before instanceof self && ! $before->value->isEqualTo($this->value)
            ? 'makes it '.Quantity::of($this->value)->written()
            : '';
    }

    public function facts(): array
    {
        $decimal = DecimalExpansion::expand($this->value);
        $facts = [
            Fact::words('fraction', $this->fraction(), 'as a fraction in lowest terms'),
            Fact::quantity('numerator', Quantity::of($this->value->getNumerator()), 'how many parts'),
            Fact::quantity('denominator', Quantity::of($this->value->getDenominator()), 'of how many equal parts'),
            Fact::words('decimal', $decimal->written(), 'as a decimal'),
            Fact::words('percent', $this->percent(), 'as a percent'),
            Fact::words('rest', self::asPercent(BigRational::one()->minus($this->value)), 'what is left of the whole, as a percent'),
            Fact::quantity('share', Quantity::of($this->value), 'the share itself'),
            Fact::quantity(
                'in percent',
                new Quantity($this->value->multipliedBy(100)->simplified(), Unit::percent()),
                'the share in percent',
            ),
        ];
        if (! $decimal->ends()) {
            $facts[] = Fact::words('recurring', $decimal->recurring, 'the digits that come again and again');
        }

        return $facts;
    }

    public function steps(): array
    {
        $decimal = DecimalExpansion::expand($this->value)->written();
        $parts = $this->value->getDenominator()->isEqualTo(1)
            ? 'the whole'
            : "{$this->value->getNumerator()} of {$this->value->getDenominator()} equal parts";
        $division = $this->value->getDenominator()->isEqualTo(1)
            ? "That is {$decimal}."
            : "{$this->value->getNumerator()} divided by {$this->value->getDenominator()} is {$decimal}.";

        return [
            new FigureStep('fraction', 'the fraction', "Here is a whole, and {$parts} of it is shaded."),
            new FigureStep('decimal', 'the decimal', $division),
            new FigureStep('percent', 'the percent', "Out of a hundred that is {$this->percent()}."),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, $this->view === 'places' ? 860 : 550, $this->view === 'square' ? 380 : 320);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return match ($this->view) {
            'square' => (new HundredSquare($this, $box, $context))->pieces(),
            'places' => (new PlaceTable($this, $box, $context))->pieces(),
            default => (new Strip($this, $box, $context))->pieces(),
        };
    }

    public function words(): string
    {
        $what = match ($this->view) {
            'square' => 'A square of a hundred cells, partly shaded',
            'places' => 'A table of digits in their places',
            default => 'A strip, partly shaded, with three scales',
        };

        return "{$what}. The share is {$this->fraction()}.";
    }

    /** Level 1 asks for the percent of a simple fraction, level 2 for the fraction of a percent, level 3 for the decimal of a fraction. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::seeded($seed, $level);
        if ($level === 2) {
            $percent = $chance->whole(1, 49) * 2 + $chance->whole(0, 1);
            $value = BigRational::nd($percent, 100)->simplified();

            return Variation::ask(
                ['share' => "{$percent}%", 'view' => 'square'],
                "Write {$percent}% as a fraction in lowest terms.",
                self::asFraction($value),
                [
                    'The percent was put over 10 instead of 100.' => self::asFraction(BigRational::nd($percent, 10)->simplified()),
                    'One was put over the percent.' => "1/{$percent}",
                    'This is the part that is left.' => self::asFraction(BigRational::one()->minus($value)->simplified()),
                ],
            );
        }
        $denominator = $chance->one($level === 1 ? [4, 5, 10, 20, 25, 50] : [8, 16, 40, 80, 125, 200]);
        $numerator = $chance->whole(1, $denominator - 1);
        $value = BigRational::nd($numerator, $denominator);
        $fraction = "{$numerator}/{$denominator}";
        if ($level === 1) {
            return Variation::ask(
                ['share' => $fraction, 'view' => 'strip'],
                "Write {$fraction} as a percent.",
                new Quantity($value->multipliedBy(100)->simplified(), Unit::percent()),
                [
                    'The numerator was taken as the percent.' => new Quantity(BigRational::of($numerator), Unit::percent()),
                    'The two numbers were written one after the other.' => new Quantity(
                        BigRational::of($numerator.$denominator),
                        Unit::percent(),
                    ),
                    'This is the part that is left.' => new Quantity(
                        BigRational::one()->minus($value)->multipliedBy(100)->simplified(),
                        Unit::percent(),
                    ),
                    'The denominator was taken as the percent.' => new Quantity(BigRational::of($denominator), Unit::percent()),
                ],
            );
        }

        return Variation::ask(['share' => $fraction, 'view' => 'places'], "Write {$fraction} as a decimal.", Quantity::of($value), [
            'The numbers were put on either side of the point.' => Quantity::of("{$numerator}.{$denominator}"),
            'The digits stand one place too far to the left.' => Quantity::of($value->multipliedBy(10)),
            'The digits stand one place too far to the right.' => Quantity::of($value->dividedBy(10)),
        ]);
    }

    public function fraction(): string
    {
        return self::asFraction($this->value);
    }

    public function percent(): string
    {
        return self::asPercent($this->value);
    }

    private static function asFraction(BigRational $value): string
    {
        return $value->getDenominator()->isEqualTo(1)
            ? (string) $value->getNumerator()
            : "{$value->getNumerator()}/{$value->getDenominator()}";
    }

    /** “37.5%”, and “16 2/3%” where the decimal does not end. */
    private static function asPercent(BigRational $value): string
    {
        $percent = $value->multipliedBy(100)->simplified();
        $decimal = DecimalExpansion::expand($percent);
        if ($decimal->ends()) {
            return $decimal->written().'%';
        }
        [$whole, $rest] = $percent->getNumerator()->quotientAndRemainder($percent->getDenominator());

        return ($whole->isZero() ? '' : "{$whole} ")."{$rest}/{$percent->getDenominator()}%";
    }
}
