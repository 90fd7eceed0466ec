<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

use Daybright\Maths\Quantity;

/** One equality found in a text, and what was found out about it. */
final readonly class Equality
{
    /**
     * @param  string  $written as it stands in the text
     * @param  string|null  $correction what the right side would be
     */
    private function __construct(public string $written, public Verdict $verdict, public ?string $correction, public string $sentence)
    {
    }

    public static function right(string $written): self
    {
        return new self($written, Verdict::True, null, "“{$written}” is right.");
    }

    public static function wrong(string $written, string $correction): self
    {
        return new self($written, Verdict::False, $correction, "“{$written}” is not right: the right side would be {$correction}.");
    }

    public static function withoutUnit(string $written, string $correction): self
    {
        return new self($written, Verdict::UnitMissing, $correction, "“{$written}” has lost its unit: it would be {$correction}.");
    }

    public static function ofMeasureWithoutUnit(string $written, string $measure): self
    {
        $kind = Measures::dimensionOf($measure)->value;

        return new self(
            $written,
            Verdict::UnitMissing,
            null,
            "“{$written}” has no unit: {$kind} needs one, such as ".Measures::exampleUnitOf($measure).'.',
        );
    }

    public static function ofTheWrongKind(string $written, Quantity $expected, Quantity $given): self
    {
        return new self(
            $written,
            Verdict::UnitOfTheWrongKind,
            $expected->written(),
            "“{$written}” gives {$given->unit->kindInWords()}, but the left side is {$expected->unit->kindInWords()}: it would be {$expected->written()}.",
        );
    }

    public static function ofTheWrongMeasure(string $written, Quantity $given, string $measure): self
    {
        return new self(
            $written,
            Verdict::UnitOfTheWrongKind,
            null,
            "“{$written}”: {$given->unit->symbol()} measures {$given->unit->kindInWords()}, and the {$measure} is "
                .Measures::dimensionOf($measure)->value
                .', in '
                .Measures::exampleUnitOf($measure)
                .' for example.',
        );
    }

    public function holds(): bool
    {
        return $this->verdict === Verdict::True;
    }
}
