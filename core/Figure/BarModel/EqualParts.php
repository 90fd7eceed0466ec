<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Daybright\Figure\Chance;
use Daybright\Figure\Drawing\Hatching;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A bar cut into equal parts, some of them shaded, with one amount known. */
final readonly class EqualParts implements Bars
{
    private const MOST_PARTS = 24;

    private function __construct(
        private int $parts,
        private int $shaded,
        private string $known,
        private Quantity $one,
    ) {
    }

    /** @throws InvalidQuantities */
    public static function from(Reading $reading): self
    {
        $parts = $reading->whole('parts', 'The number of equal parts', 1, self::MOST_PARTS);
        $shaded = $reading->whole('shaded', 'The number of shaded parts', 0, $parts);
        $known = $reading->choice('known', 'The known amount', ['whole', 'shaded', 'unshaded', 'part']);
        $amount = $reading->amount('amount', 'The known amount', $reading->unit());
        $share = match ($known) {
            'whole' => $parts,
            'shaded' => $shaded,
            'unshaded' => $parts - $shaded,
            default => 1,
        };
        if ($share === 0) {
            throw InvalidQuantities::because(
                "No part is {$known}, so its amount cannot be known. Give the whole or one part instead.",
                'known',
            );
        }

        return new self($parts, $shaded, $known, Quantity::of($amount->value->dividedBy($share), $amount->unit));
    }

    /** @return list<Handle> what is known stays known while parts are split and shaded */
    public function handles(): array
    {
        $least = $this->known === 'shaded' ? 1 : 0;
        $most = $this->known === 'unshaded' ? $this->parts - 1 : $this->parts;

        return [
            Handle::turn('shaded', 'shaded parts', $this->shaded, $least, $most, 1, ['shaded' => Handle::VALUE]),
            Handle::turn('parts', 'equal parts', $this->parts, max(1, $this->shaded + $this->parts - $most), 12, 1, [
                'parts' => Handle::VALUE,
            ]),
        ];
    }

    public function done(self $before): string
    {
        return implode(' and ', array_filter([
            $this->parts === $before->parts ? '' : "splits it into {$this->parts} parts",
            $this->shaded === $before->shaded ? '' : "shades {$this->shaded} of {$this->parts}",
        ]));
    }

    public function facts(): array
    {
        $fraction = BigRational::nd($this->shaded, $this->parts)->simplified();
        $percent = Quantity::of($fraction->multipliedBy(100));

        return [
            Fact::quantity('part', $this->one, 'one part'),
            Fact::quantity('shaded', $this->times($this->shaded), 'the shaded parts together'),
            Fact::quantity('rest', $this->times($this->parts - $this->shaded), 'the parts that are not shaded'),
            Fact::quantity('whole', $this->times($this->parts), 'the whole bar'),
            Fact::words('fraction', $this->shaded === 0 ? '0' : (string) $fraction, 'how much of the bar is shaded'),
            Fact::words('percent', self::percent($percent), 'the same as a percent'),
        ];
    }

    public function steps(): array
    {
        $known = $this->share($this->known);
        $name = ['whole' => 'The whole bar', 'shaded' => 'The shaded part', 'unshaded' => 'The rest', 'part' => 'One part'][$this->known];
        $steps = [
            new FigureStep(
                'bar',
                'the bar and its parts',
                $this->parts === 1 ? 'Here is one bar.' : "Here is a bar cut into {$this->parts} equal parts.",
            ),
            new FigureStep('shading', 'the shaded parts', "We shade {$this->shaded} of the {$this->parts}."),
            new FigureStep('known', 'what is known', "{$name} is {$known->written()}."),
        ];
        if ($this->known !== 'part') {
            $steps[] = new FigureStep('part', 'one part', "So one part is {$this->one->written()}.");
        }
        $steps[] = new FigureStep('answers', 'the other amounts', 'Now we can find the others: '.$this->othersInWords().'.');

        return $steps;
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $drawing = new BarDrawing($box, $context);
        $cell = $box->width / $this->parts;
        $lowered = $this->shaded > 0 && $this->shaded < $this->parts
            ? $drawing->lowering(
                $this->share('shaded')->written(),
                $box->x + $this->shaded * $cell / 2,
                $this->share('unshaded')->written(),
                $box->x + ($this->shaded + $this->parts) * $cell / 2,
            )
            : 0.0;
        $height = min($drawing->barHeight, $box->height - 2 * BarDrawing::braceRoom() - $lowered);
        $top = $box->middleY() - ($height + $lowered) / 2;
        $pieces = ['bar' => [], 'shading' => [], 'known' => [], 'part' => [], 'answers' => []];
        for ($part = 0; $part < $this->parts; $part++) {
            $at = new Box($box->x + $part * $cell, $top, $cell, $height);
            $pieces['bar'][] = Shape::rectangle($at, Paint::outlined(Paint::INK, 3, '#FFFFFF'));
            if ($part < $this->shaded) {
                array_push($pieces['shading'], ...Hatching::lines($at, $context));
            }
        }
        foreach (['whole', 'shaded', 'unshaded'] as $name) {
            if ($this->count($name) > 0 && ! ($name !== 'whole' && $this->count($name) === $this->parts)) {
                $pieces[$name === $this->known ? 'known' : 'answers'] = [
                    ...$pieces[$name === $this->known ? 'known' : 'answers'],
                    ...$this->brace($name, $drawing, new Box($box->x, $top, $cell, $height), $lowered),
                ];
            }
        }
        $label = $drawing->inside($this->one->written(), new Box($box->x, $top, $cell, $height));
        $name = $this->known === 'part' ? 'known' : 'part';
        $pieces[$name] = [...$pieces[$name], ...$label];

        return array_filter($pieces);
    }

    /**
     * The same worked with a fraction, a line for each step of the drawing.
     *
     * @return array<string, string>
     */
    public function asFraction(): array
    {
        if ($this->shaded === 0) {
            return [];
        }
        $fraction = "{$this->shaded}/{$this->parts}";
        [$whole, $shaded, $rest, $one] = [
            $this->share('whole')->written(),
            $this->share('shaded')->written(),
            $this->share('unshaded')->written(),
            $this->one->written(),
        ];
        $left = $this->parts - $this->shaded;

        return match ($this->known) {
            'whole' => [
                'known' => "{$fraction} of {$whole}",
                'part' => "{$whole} ÷ {$this->parts} = {$one}",
                'answers' => "{$this->shaded} × {$one} = {$shaded}",
            ],
            'shaded' => [
                'known' => "{$fraction} of it is {$shaded}",
                'part' => "{$shaded} ÷ {$this->shaded} = {$one}",
                'answers' => "{$this->parts} × {$one} = {$whole}",
            ],
            'unshaded' => [
                'known' => "{$left}/{$this->parts} of it is {$rest}",
                'part' => "{$rest} ÷ {$left} = {$one}",
                'answers' => "{$this->parts} × {$one} = {$whole}",
            ],
            default => ['known' => "1/{$this->parts} of it is {$one}", 'answers' => "{$this->parts} × {$one} = {$whole}"],
        };
    }

    public function words(): string
    {
        $parts = $this->parts === 1 ? 'one part' : "{$this->parts} equal parts";
        $shaded = $this->shaded === 1 ? '1 is shaded' : "{$this->shaded} are shaded";

        return "A bar of {$parts}; {$shaded}. The "
            .($this->known === 'unshaded' ? 'rest' : $this->known)
            ." is {$this->share($this->known)->written()}.";
    }

    /** Level 1 gives the whole and asks for the shaded amount; 2 the other way round; 3 gives the rest and asks for the whole. */
    public function vary(int $seed, int $level): Variation
    {
        $random = Chance::seeded($seed, $level);
        $parts = $random->whole(3, $level === 1 ? 6 : 10);
        $shaded = $random->whole($level === 1 ? 1 : 2, $parts - 1);
        $one = $random->whole(2, $level === 1 ? 10 : 25) * ($level === 3 ? 2 : 1);
        $unit = $this->one->unit;
        $amount = static fn (int $times): Quantity => Quantity::of($times * $one, $unit);
        $known = [1 => 'whole', 2 => 'shaded', 3 => 'unshaded'][$level];
        $count = [1 => $parts, 2 => $shaded, 3 => $parts - $shaded][$level];
        $quantities = [
            'mode' => 'parts',
            'parts' => $parts,
            'shaded' => $shaded,
            'known' => $known,
            'amount' => (string) ($count * $one),
            'unit' => $unit->symbol(),
        ];
        $asked = $level === 1 ? $shaded : $parts;
        $verb = $shaded === 1 ? '1 is' : "{$shaded} are";
        $prompt = match ($level) {
            1 => "The whole bar is {$amount($parts)->written()}. It has {$parts} equal parts and {$verb} shaded. How much is shaded?",
            2 => "{$shaded} of {$parts} equal parts are shaded. They are {$amount($shaded)->written()} together. How much is the whole bar?",
            default => "{$shaded} of {$parts} equal parts are shaded. The rest is {$amount($parts - $shaded)->written()}. How much is the whole bar?",
        };
        $slips = [
            'This is one part only.' => $amount(1),
            'This is the part that was not asked for.' => $amount(
                $level === 1 ? $parts - $shaded : ($level === 2 ? $parts - $shaded : $shaded),
            ),
            'The known amount was multiplied by the number of parts without finding one part first.' => $amount($count * ($level === 1 ? $shaded : $parts)),
        ];

        return Variation::ask($quantities, $prompt, $amount($asked), $slips);
    }

    /**
     * @param  Box  $first the first of the equal parts
     * @return list<Shape>
     */
    private function brace(string $name, BarDrawing $drawing, Box $first, float $lowered): array
    {
        $from = $name === 'unshaded' ? $this->shaded : 0;
        $left = $first->x + $from * $first->width;
        $right = $left + $this->count($name) * $first->width;
        $label = $this->share($name)->written();

        return $name === 'whole'
            ? $drawing->braceAbove($left, $right, $first->y, $label)
            : $drawing->braceBelow($left, $right, $first->bottom(), $label, $name === 'unshaded' ? $lowered : 0);
    }

    private function count(string $name): int
    {
        return match ($name) {
            'whole' => $this->parts,
            'shaded' => $this->shaded,
            'unshaded' => $this->parts - $this->shaded,
            default => 1,
        };
    }

    private function share(string $name): Quantity
    {
        return $this->times($this->count($name));
    }

    private function times(int $count): Quantity
    {
        return Quantity::of($this->one->value->multipliedBy($count), $this->one->unit);
    }

    private function othersInWords(): string
    {
        $others = [];
        foreach (['whole' => 'the whole is', 'shaded' => 'the shaded part is', 'unshaded' => 'the rest is'] as $name => $words) {
            if ($name !== $this->known && $this->count($name) > 0) {
                $others[] = $words.' '.$this->share($name)->written();
            }
        }

        return implode(', ', $others);
    }

    /** A percent that does not end is given to one decimal place. */
    private static function percent(Quantity $percent): string
    {
        $written = $percent->number();

        return str_contains($written, '/') ? "≈\u{00A0}".(string) $percent->value->toScale(1, RoundingMode::HALF_UP).'%' : $written.'%';
    }
}
