<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Block\LayoutBounds;
use Daybright\Scene\Paint;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** A line of working as it is set: the formula, and its reason below it. */
final readonly class SetLine
{
    /** Formulas are set in a slighter face than words, and larger. */
    public const FORMULA = 1.25;

    /** @param  bool  $hasFormula without one the reason is the line */
    private function __construct(private Line $line, private SetText $formula, private SetText $reason, private bool $hasFormula)
    {
    }

    public static function of(Line $line, LayoutBounds $bounds, float $width): self
    {
        $hasFormula = $line->formula !== '' || $line->reason === '';
        $source = $line->formula === '' ? '' : '`'.str_replace('`', '', Marks::inTex($line->formula, $line->marks)).'`';

        return new self(
            $line,
            $bounds->text($source, self::FORMULA, Paint::INK, false, $width, 0),
            $hasFormula
                ? $bounds->text($line->reason, LayoutBounds::SMALL, Paint::QUIET, false, $width, 0)
                : $bounds->text($line->reason, 1, Paint::INK, true, $width, 0),
            $hasFormula,
        );
    }

    public function height(): float
    {
        return ($this->hasFormula ? $this->formula->height() : 0.0) + ($this->line->reason === '' ? 0.0 : $this->reason->height());
    }

    /** @return list<Shape> with the top left corner at ($x, $y) */
    public function shapes(float $x, float $y): array
    {
        return [
            ...$this->line->formula === '' ? [] : $this->formula->shapes($x, $y),
            ...$this->line->reason === '' ? [] : $this->reason->shapes($x, $y + $this->above()),
        ];
    }

    /**
     * @param  int  $number of the line, from 0
     * @return list<TextField> with the top left corner at ($x, $y)
     */
    public function fields(int $number, float $x, float $y): array
    {
        $reason = $this->reason->field("lines/{$number}/reason", 'Reason of line '.($number + 1), $x, $y + $this->above());
        $formula = $this->formula->field("lines/{$number}/formula", 'Line '.($number + 1), $x, $y);

        return $this->hasFormula ? [$formula, $reason] : [$reason];
    }

    private function above(): float
    {
        return $this->hasFormula ? $this->formula->height() : 0.0;
    }
}
