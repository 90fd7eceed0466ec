<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Daybright\Figure\Equivalence\Equivalence;
use Daybright\Figure\Form\Field;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\DecimalExpansion;
use Daybright\Worked\Example;
use Daybright\Worked\Line;
use Daybright\Worked\Method;

/** A share turned into its two other forms; read, kept exact and varied as the equivalence strip does it. */
final readonly class ShareForms implements Method
{
    private function __construct(private Equivalence $share, private string $typed)
    {
    }

    public static function name(): string
    {
        return 'share';
    }

    public static function label(): string
    {
        return 'Fraction, decimal and percent';
    }

    public static function blank(): array
    {
        return ['share' => '3/8'];
    }

    public static function fields(): array
    {
        return [Field::text('share', 'The share', '3/8, 0.375 or 37.5%')];
    }

    public static function from(Fields $quantities): self
    {
        return new self(Equivalence::from($quantities), (new Reading($quantities))->text('share', 'The share', 20));
    }

    public function example(): Example
    {
        $decimal = DecimalExpansion::expand($this->share->value);
        $places = strlen($decimal->start);
        $fraction = $this->share->fraction();
        $over = '1'.str_repeat('0', $places);
        $asOver = $decimal->ends() && $places > 0 ? ltrim($decimal->whole.$decimal->start, '0')."/{$over}" : $fraction;
        $lines = match (true) {
            str_contains($this->typed, '%') => $this->fromPercent($asOver, $fraction, $decimal),
            str_contains($this->typed, '.') => [
                new Line("{$decimal->written()} = {$asOver}", "There are {$places} places after the point."),
                ...$this->reduced($asOver, $fraction),
                ...$this->toPercent($decimal),
            ],
            default => [...$this->division($decimal), ...$this->toPercent($decimal)],
        };

        return new Example(
            "Write {$this->typed} in the two other ways.",
            $lines === [] ? [new Line("{$fraction} = {$this->share->percent()}", 'Out of a hundred.')] : $lines,
            "{$fraction} = {$decimal->written()} = {$this->share->percent()}",
        );
    }

    public function vary(int $seed, int $level): Variation
    {
        $item = $this->share->vary($seed, $level);

        return Variation::ask(['share' => $item->quantities['share']], $item->prompt, $item->answer, $item->slips);
    }

    /** @return list<Line> */
    private function division(DecimalExpansion $decimal): array
    {
        [$top, $bottom] = [$this->share->value->getNumerator(), $this->share->value->getDenominator()];
        $sign = $decimal->ends() ? '=' : '≈';
        $value = $decimal->ends() ? $decimal->written() : (string) $this->share->value->toScale(3, \Brick\Math\RoundingMode::HALF_UP);
        $reason = $decimal->ends()
            ? 'A fraction is a division.'
            : "A fraction is a division. The digits {$decimal->recurring} come again and again.";

        return [new Line("{$top} ÷ {$bottom} {$sign} {$value}", $reason, [1 => $value])];
    }

    /** @return list<Line> */
    private function toPercent(DecimalExpansion $decimal): array
    {
        if (! $decimal->ends()) {
            return [new Line("{$this->share->fraction()} of 100% = {$this->share->percent()}", 'Out of a hundred.')];
        }

        return [new Line(
            "{$decimal->written()} = {$this->share->percent()}",
            'Percent means hundredths: the digits move two places to the left.',
            [1 => $decimal->written()],
        )];
    }

    /** @return list<Line> */
    private function fromPercent(string $asOver, string $fraction, DecimalExpansion $decimal): array
    {
        $percent = $this->share->percent();
        $number = rtrim($percent, '%');

        return [
            new Line(
                "{$percent} = ".(str_contains($number, ' ') ? "({$number})" : $number).'/100',
                'Percent means out of a hundred.',
                [1 => $number],
            ),
            ...$this->reduced($decimal->ends() ? $asOver : $fraction, $fraction),
            ...($decimal->ends() ? [new Line(
                "{$fraction} = {$decimal->written()}",
                'As a decimal the digits move two places to the right.',
            )] : []),
        ];
    }

    /** @return list<Line> */
    private function reduced(string $asOver, string $fraction): array
    {
        return $asOver === $fraction ? [] : [new Line("{$asOver} = {$fraction}", 'In lowest terms.')];
    }
}
