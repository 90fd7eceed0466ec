<?php

declare(strict_types=1);

namespace Daybright\Figure\Equivalence;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Table;
use Daybright\Maths\DecimalExpansion;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** The digits of the decimal in their places, and those of the percent, two places further to the left. */
final readonly class PlaceTable
{
    private const PLACES = ['100', '10', '1', '1/10', '1/100', '1/1000'];

    public function __construct(private Equivalence $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $table = new Table(['', ...self::PLACES], [0.22, 0.13, 0.13, 0.13, 0.13, 0.13, 0.13], 3, $this->box, $this->context);

        return [
            'fraction' => [...$table->head(), ...$table->row(1, [$this->figure->fraction()], true)],
            'decimal' => [
                ...$table->row(2, ['decimal', ...$this->digits($this->figure->value)], true, $this->context->strong),
                $this->point($table, 2),
            ],
            'percent' => [
                ...$table->row(3, ['percent', ...$this->digits($this->figure->value->multipliedBy(100))], true, Paint::INK),
                $this->point($table, 3),
            ],
        ];
    }

    private function point(Table $table, int $row): Shape
    {
        return Shape::circle($table->edge(3), $table->place($row)->middleY() + 14, 6, Paint::filled(Paint::INK));
    }

    /** @return list<string> a digit for each place */
    private function digits(BigRational $value): array
    {
        $decimal = DecimalExpansion::expand($value);
        $after = $decimal->start;
        while ($decimal->recurring !== '' && strlen($after) < 3) {
            $after .= $decimal->recurring;
        }
        $before = str_pad($decimal->whole, 3, ' ', STR_PAD_LEFT);

        return array_map(trim(...), [...str_split($before), ...str_split(str_pad(substr($after, 0, 3), 3, ' '))]);
    }
}
