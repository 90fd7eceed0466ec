<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Two bars, the first the longer one or as long, compared by their difference or their ratio. */
final readonly class Comparison implements Bars
{
    private const KNOWN = ['total', 'first', 'second', 'difference'];

    /** @param  array{int, int}  $ratio in lowest terms is not needed: it is drawn as given */
    private function __construct(
        private string $firstName,
        private string $secondName,
        private string $by,
        private array $ratio,
        private string $known,
        private Quantity $first,
        private Quantity $second,
    ) {
    }

    /** @throws InvalidQuantities */
    public static function from(Reading $reading): self
    {
        $by = $reading->choice('by', 'The way of comparing', ['difference', 'ratio']);
        $known = $reading->choice('known', 'The known amount', self::KNOWN);
        $amount = $reading->amount('amount', 'The known amount', $reading->unit());
        $names = [$reading->name('firstName', 'First'), $reading->name('secondName', 'Second')];
        if ($by === 'ratio') {
            $ratio = [
                $reading->whole('ratioFirst', 'The first number of the ratio', 1, 12),
                $reading->whole('ratioSecond', 'The second number of the ratio', 1, 12),
            ];

            return self::byRatio($names, $ratio, $known, $amount);
        }
        if ($known === 'difference') {
            throw InvalidQuantities::because(
                'The difference is given already. Choose the total or one of the two amounts as the other known amount.',
                'known',
            );
        }

        return self::byDifference($names, $known, $amount, $reading->amount('difference', 'The difference', $amount->unit));
    }

    public function facts(): array
    {
        $facts = [
            Fact::quantity('first', $this->first, $this->firstName),
            Fact::quantity('second', $this->second, $this->secondName),
            Fact::quantity('difference', $this->difference(), 'how much longer one is'),
            Fact::quantity('total', $this->first->plus($this->second), 'both together'),
            Fact::words('ratio', $this->ratioInWords(), 'the ratio in lowest terms'),
        ];

        return $this->by === 'ratio' ? [...$facts, Fact::quantity('part', $this->onePart(), 'one part')] : $facts;
    }

    public function steps(): array
    {
        $compared = $this->by === 'ratio'
            ? "{$this->firstName} has {$this->ratio[0]} parts and {$this->secondName} has {$this->ratio[1]}, all of the same size."
            : "{$this->firstName} is {$this->difference()->written()} more than {$this->secondName}.";
        $known = [
            'total' => 'Together they are',
            'first' => "{$this->firstName} is",
            'second' => "{$this->secondName} is",
            'difference' => 'The difference is',
        ][$this->known];
        $steps = [
            new FigureStep('bars', 'the two bars', "Here are two bars, one for {$this->firstName} and one for {$this->secondName}."),
            new FigureStep('compared', 'how they compare', $compared),
            new FigureStep('known', 'what is known', "{$known} {$this->amount($this->known)->written()}."),
        ];
        if ($this->by === 'ratio') {
            $steps[] = new FigureStep('part', 'one part', "So one part is {$this->onePart()->written()}.");
        }
        $answers = array_filter(
            ['first' => "{$this->firstName} is {$this->first->written()}", 'second' => "{$this->secondName} is {$this->second->written()}"],
            fn (string $name): bool => $name !== $this->known,
            ARRAY_FILTER_USE_KEY,
        );
        $steps[] = new FigureStep('answers', 'the other amounts', 'So '.implode(' and ', $answers).'.');

        return $steps;
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $measure = new BarDrawing($box, $context);
        $names = max($measure->nameWidth($this->firstName), $measure->nameWidth($this->secondName)) + 20;
        $totalLabel = $context->type->width($this->first->plus($this->second)->written(), new TextStyle(34, bold: true));
        $room = new Box($box->x + $names, $box->y, max(80.0, $box->width - $names - $totalLabel - 60), $box->height);
        $drawing = new BarDrawing(new Box($room->x, $box->y, $box->right() - $room->x, $box->height / 2), $context);
        $brace = BarDrawing::braceRoom();
        $height = min($drawing->barHeight, ($box->height - 2 * $brace - 24) / 2);
        $top = $box->middleY() - $height - 12;
        $bottom = $box->middleY() + 12;
        $longest = max($this->first->value->toFloat(), $this->second->value->toFloat());
        $scale = $room->width / $longest;
        $firstBox = new Box($room->x, $top, $this->first->value->toFloat() * $scale, $height);
        $secondBox = new Box($room->x, $bottom, $this->second->value->toFloat() * $scale, $height);

        $pieces = ['bars' => [
            $drawing->name($this->firstName, $room->x - 16, $firstBox->middleY()),
            $drawing->name($this->secondName, $room->x - 16, $secondBox->middleY()),
            Shape::rectangle($firstBox, Paint::outlined(Paint::INK, 3, $context->tint)),
            Shape::rectangle($secondBox, Paint::outlined(Paint::INK, 3, '#FFFFFF')),
        ], 'compared' => [], 'known' => [], 'part' => [], 'answers' => []];
        $pieces['compared'] = $this->by === 'ratio'
            ? $this->partLines($firstBox, $secondBox)
            : $this->differenceBracket($firstBox, $secondBox, $drawing, $context);
        if ($this->by === 'ratio') {
            $pieces['part'] = $drawing->inside(
                $this->onePart()->written(),
                new Box($secondBox->x, $secondBox->y, $secondBox->width / $this->ratio[1], $height),
            );
            if ($this->known === 'difference') {
                $pieces['known'] = $this->differenceBracket($firstBox, $secondBox, $drawing, $context);
            }
        }
        $pieces[$this->known === 'first' ? 'known' : 'answers'] = [
            ...$pieces[$this->known === 'first' ? 'known' : 'answers'],
            ...$drawing->braceAbove($firstBox->x, $firstBox->right(), $firstBox->y, $this->first->written()),
        ];
        $pieces[$this->known === 'second' ? 'known' : 'answers'] = [
            ...$pieces[$this->known === 'second' ? 'known' : 'answers'],
            ...$drawing->braceBelow($secondBox->x, $secondBox->right(), $secondBox->bottom(), $this->second->written()),
        ];
        $total = $this->totalBracket($room->right() + 16, $firstBox, $secondBox, $context);
        $pieces[$this->known === 'total' ? 'known' : 'answers'] = [...$pieces[$this->known === 'total' ? 'known' : 'answers'], ...$total];

        return array_filter($pieces);
    }

    public function words(): string
    {
        $compared = $this->by === 'ratio'
            ? "in the ratio {$this->ratio[0]} to {$this->ratio[1]}"
            : "{$this->firstName} {$this->difference()->written()} more";
        $known = [
            'total' => 'The total',
            'first' => $this->firstName,
            'second' => $this->secondName,
            'difference' => 'The difference',
        ][$this->known];

        return "Two bars, {$this->firstName} and {$this->secondName}, {$compared}. {$known} is {$this->amount($this->known)->written()}.";
    }

    /** Level 1 gives the smaller amount, level 2 the total, level 3 the total with larger numbers and asks for the larger. */
    public function vary(int $seed, int $level): Variation
    {
        $random = Chance::seeded($seed, $level);
        $unit = $this->first->unit;
        $of = static fn (int $number): Quantity => Quantity::of($number, $unit);
        $base = [
            'mode' => 'compare',
            'by' => $this->by,
            'firstName' => $this->firstName,
            'secondName' => $this->secondName,
            'unit' => $unit->symbol(),
            'known' => $level === 1 ? 'second' : 'total',
        ];
        if ($this->by === 'ratio') {
            $secondParts = $random->whole(1, 4);
            $firstParts = $secondParts + $random->whole(1, $level + 1);
            $one = $random->whole(2, $level === 3 ? 30 : 12);
            $total = ($firstParts + $secondParts) * $one;
            $amount = $level === 1 ? $secondParts * $one : $total;
            $prompt = "{$this->firstName} and {$this->secondName} are in the ratio {$firstParts} : {$secondParts}. ".($level === 1 ? "{$this->secondName} is" : 'Together they are')." {$of($amount)->written()}. How much is {$this->firstName}?";
            $slips = [
                'This is one part only.' => $of($one),
                'This is the other amount.' => $of($secondParts * $one),
                'The total was shared in halves.' => Quantity::of(BigRational::nd($total, 2), $unit),
            ];

            return Variation::ask(
                $base + ['ratioFirst' => $firstParts, 'ratioSecond' => $secondParts, 'amount' => (string) $amount],
                $prompt,
                $of($firstParts * $one),
                $slips,
            );
        }
        $second = $random->whole(5, $level === 3 ? 90 : 30);
        $difference = $random->whole(2, $level === 1 ? 10 : 40);
        $total = 2 * $second + $difference;
        $amount = $level === 1 ? $second : $total;
        $prompt = "{$this->firstName} is {$of($difference)->written()} more than {$this->secondName}. ".($level === 1 ? "{$this->secondName} is" : 'Together they are')." {$of($amount)->written()}. How much is {$this->firstName}?";
        $slips = [
            'This is the smaller amount.' => $of($second),
            'The difference was taken away instead of added.' => $of(abs($second - $difference)),
            'The total was halved before the difference was taken off.' => Quantity::of(
                BigRational::nd($total, 2)->plus($difference),
                $unit,
            ),
        ];

        return Variation::ask(
            $base + ['difference' => (string) $difference, 'amount' => (string) $amount],
            $prompt,
            $of($second + $difference),
            $slips,
        );
    }

    /**
     * @param  array{string, string}  $names
     * @param  array{int, int}  $ratio
     */
    private static function byRatio(array $names, array $ratio, string $known, Quantity $amount): self
    {
        if ($ratio[0] < $ratio[1]) {
            throw InvalidQuantities::because('Put the larger number of the ratio first, with its name.', 'ratioFirst');
        }
        $share = match ($known) {
            'total' => $ratio[0] + $ratio[1], 'first' => $ratio[0], 'second' => $ratio[1], default => $ratio[0] - $ratio[1]
        };
        if ($share === 0) {
            throw InvalidQuantities::because(
                'Both amounts are the same, so there is no difference to know. Give the total instead.',
                'known',
            );
        }
        $one = $amount->value->dividedBy($share);
        $times = static fn (int $count): Quantity => Quantity::of($one->multipliedBy($count), $amount->unit);

        return new self($names[0], $names[1], 'ratio', $ratio, $known, $times($ratio[0]), $times($ratio[1]));
    }

    /** @param  array{string, string}  $names */
    private static function byDifference(array $names, string $known, Quantity $amount, Quantity $difference): self
    {
        $second = match ($known) {
            'second' => $amount->value,
            'first' => $amount->value->minus($difference->value),
            default => $amount->value->minus($difference->value)->dividedBy(2),
        };
        if (! $second->isPositive()) {
            throw InvalidQuantities::because(
                "The difference, {$difference->written()}, must be smaller than the known amount, {$amount->written()}.",
                'difference',
            );
        }

        return new self(
            $names[0],
            $names[1],
            'difference',
            [1, 1],
            $known,
            Quantity::of($second->plus($difference->value), $amount->unit),
            Quantity::of($second, $amount->unit),
        );
    }

    private function difference(): Quantity
    {
        return $this->first->minus($this->second);
    }

    private function onePart(): Quantity
    {
        return Quantity::of($this->first->value->dividedBy($this->ratio[0]), $this->first->unit);
    }

    private function amount(string $name): Quantity
    {
        return match ($name) {
            'first' => $this->first, 'second' => $this->second, 'difference' => $this->difference(), default => $this->first
                ->plus($this->second)
        };
    }

    private function ratioInWords(): string
    {
        $ratio = $this->first->value->dividedBy($this->second->value)->simplified();

        return $ratio->getNumerator().' : '.$ratio->getDenominator();
    }

    /** @return list<Shape> */
    private function partLines(Box $first, Box $second): array
    {
        $lines = [];
        foreach ([[$first, $this->ratio[0]], [$second, $this->ratio[1]]] as [$bar, $parts]) {
            for ($part = 1; $part < $parts; $part++) {
                $x = $bar->x + $bar->width * $part / $parts;
                $lines[] = Shape::polyline([[$x, $bar->y], [$x, $bar->bottom()]], Paint::outlined(Paint::INK, 3));
            }
        }

        return $lines;
    }

    /** @return list<Shape> */
    private function differenceBracket(Box $first, Box $second, BarDrawing $drawing, RenderContext $context): array
    {
        $shapes = [Shape::polyline(
            [[$second->right(), $second->y], [$second->right(), $first->bottom()]],
            Paint::outlined($context->strong, 2, 'none', '8 6'),
        )];
        $gap = new Box($second->right(), $second->y, $first->right() - $second->right(), $second->height);
        if ($gap->width < 4) {
            return [];
        }
        $shapes[] = Shape::rectangle($gap, Paint::outlined($context->strong, 2, 'none', '8 6'));

        return [...$shapes, ...$drawing->inside($this->difference()->written(), $gap)];
    }

    /** @return list<Shape> */
    private function totalBracket(float $x, Box $first, Box $second, RenderContext $context): array
    {
        $line = [[$x, $first->y], [$x + 14, $first->y], [$x + 14, $second->bottom()], [$x, $second->bottom()]];

        return [
            Shape::polyline($line, Paint::outlined($context->strong, 3)),
            $context->type->label(
                $this->first->plus($this->second)->written(),
                $x + 26,
                ($first->y + $second->bottom()) / 2 + 12,
                new TextStyle(34, bold: true),
            ),
        ];
    }
}
